package littlesummit.content;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.content.code.data.TwoWayRelative;
import littlesummit.content.code.equation.SolutionCount;
import littlesummit.content.code.fraction.FractionPicture;
import littlesummit.content.code.fraction.PercentParts;
import littlesummit.content.code.function.BinomialExpand;
import littlesummit.content.code.function.PolynomialFactor;
import littlesummit.content.code.function.RationalAnalyse;
import littlesummit.content.code.lesson.AnglePairsLesson;
import littlesummit.content.code.lesson.BalanceLesson;
import littlesummit.content.code.lesson.BinomialExpandLesson;
import littlesummit.content.code.lesson.FractionLowestLesson;
import littlesummit.content.code.lesson.FractionPictureLesson;
import littlesummit.content.code.lesson.PercentDiscountLesson;
import littlesummit.content.code.lesson.PercentPartsLesson;
import littlesummit.content.code.lesson.PowersOfTenLesson;
import littlesummit.content.code.lesson.SignedLesson;
import littlesummit.content.code.lesson.SlopeTableLesson;
import littlesummit.content.code.measure.MassProblems;
import littlesummit.content.code.measure.MassSense;
import littlesummit.content.code.measure.TileLength;
import littlesummit.content.code.number.CompareWhole;
import littlesummit.content.code.number.IntegerAddSubtract;
import littlesummit.content.code.number.PrimeFactors;
import littlesummit.content.code.power.ExponentRules;
import littlesummit.content.code.shape.AnglePairs;
import littlesummit.content.code.shape.CongruentSegments;
import littlesummit.content.code.shape.LineKinds;
import littlesummit.content.code.shape.SelectShapes;
import littlesummit.content.template.Templates;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Lesson;
import littlesummit.core.skill.Skill;

/** The skills and lessons that ship: those written as code, and those written as templates. */
public final class Catalogue implements ItemSource {
    private static final List<Skill> WRITTEN_AS_CODE = List.of(
            new CompareWhole(),
            new IntegerAddSubtract(),
            new PrimeFactors(),
            new TileLength(),
            new MassSense(),
            new MassProblems(),
            new SelectShapes(),
            new LineKinds(),
            new CongruentSegments(),
            new AnglePairs(),
            new FractionPicture(),
            new PercentParts(),
            new TwoWayRelative(),
            new ExponentRules(),
            new SolutionCount(),
            new PolynomialFactor(),
            new BinomialExpand(),
            new RationalAnalyse());

    private static final List<Skill> SKILLS = Stream.concat(WRITTEN_AS_CODE.stream(), Templates.shipped().stream())
            .toList();

    private static final List<Lesson> LESSONS = List.of(
            new PercentPartsLesson(),
            new PercentDiscountLesson(),
            new FractionPictureLesson(),
            new FractionLowestLesson(),
            new AnglePairsLesson(),
            new BinomialExpandLesson(),
            new SignedLesson(),
            new BalanceLesson(),
            new PowersOfTenLesson(),
            new SlopeTableLesson());

    @Override
    public List<Skill> skills() {
        return SKILLS;
    }

    @Override
    public List<Lesson> lessons() {
        return LESSONS;
    }
}
