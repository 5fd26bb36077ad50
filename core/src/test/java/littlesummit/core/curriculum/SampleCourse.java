package littlesummit.core.curriculum;

import java.util.Arrays;
import java.util.List;

/** A course of 28 skills, as wide and as deep as one that a class works through. */
public final class SampleCourse {
    private static final String SKILLS = """
        numbers: place-value
        numbers: compare-whole after place-value
        numbers: integer-add-subtract after place-value
        numbers: absolute-value after integer-add-subtract
        numbers: prime-factors after place-value
        measuring: tile-length
        measuring: mass-sense
        measuring: mass-problems after mass-sense
        shapes: select-shapes
        shapes: line-kinds
        shapes: congruent-segments after line-kinds
        shapes: angle-pairs after both-sides, line-kinds
        fractions: fraction-picture
        fractions: fraction-lowest after fraction-picture, prime-factors
        fractions: percent-parts after fraction-lowest
        fractions: percent-discount after percent-parts
        data: mean after place-value
        data: two-way-read after fraction-lowest
        data: two-way-relative after two-way-read
        powers: scientific-notation after compare-whole, exponent-rules
        powers: exponent-rules after fraction-lowest
        equations: one-step-multiplication after fraction-lowest
        equations: both-sides after one-step-multiplication, integer-add-subtract
        equations: solution-count after both-sides
        functions: circle-center after integer-add-subtract
        functions: polynomial-factor after integer-add-subtract, prime-factors
        functions: binomial-expand after polynomial-factor, exponent-rules
        functions: rational-analyse after polynomial-factor
        """;

    public static final Course COURSE = course(SKILLS);

    private SampleCourse() {}

    /** @param lines a skill each, as {@code strand: id after id, id} */
    static Course course(String lines) {
        return new Course(
                "sample", "A sample", lines.lines().map(SampleCourse::skill).toList());
    }

    private static CourseSkill skill(String line) {
        String[] strandAndRest = line.split(": ", 2);
        String[] idAndBefore = strandAndRest[1].split(" after ");
        List<String> before = idAndBefore.length > 1 ? Arrays.asList(idAndBefore[1].split(", ")) : List.of();
        return new CourseSkill(
                idAndBefore[0], "Skill " + idAndBefore[0], new Strand(strandAndRest[0], strandAndRest[0]), before);
    }
}
