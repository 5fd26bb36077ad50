package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.fail;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;

/** A small template in which everything holds, and the same with pieces of it changed. */
final class Sample {
    static final String TEXT = """
        skill: goat-milk
        name: Milk in cans
        version: 1
        asks:
          tier 1: Cans of one size, filled.
          tier 2: What is left over.
          tier 3: How large the cans are.
        variants:
          - id: filled
            tiers: [1]
            draw:
              n: 3..9
              size: 4..12
            where: ["n != size"]
            let:
              all: n * size
            frames:
              - "The dairy fills {n} cans with {size} litres each."
            stem:
              - "All of them are full."
            parts:
              - ask: How many litres are that?
                field: {id: all, label: Litres, kind: number, form: integer, answer: all}
                mistakes:
                  - {value: n + size, slip: added, say: "The litres of every can count, not the cans."}
                naive: {adds: n + size}
                hints: ["How much is in one can?", "Every can holds as much.", "Take {size} litres {n} times."]
            worked:
              - {say: "Each can holds {size} litres.", math: n * size}
              - {say: "Multiply.", math: all}
          - id: left
            tiers: [2]
            draw:
              n: 3..9
              size: 4..12
              left: 1..9
            where: ["left < size", "n != size"]
            let:
              all: n * size + left
            stem:
              - "Of {all} litres {n} cans with {size} litres each were filled."
            parts:
              - ask: How many litres are left?
                field: {id: left, label: Litres left, kind: number, form: integer, answer: all - n * size}
                mistakes:
                  - {value: all - n - size, slip: subtracted, say: "How much is in the cans together?"}
                hints: ["How much is in the cans?", "What is in no can is left.", "In the cans are $n * size$ litres."]
            worked:
              - {say: "What is in the cans is taken away.", math: all - n * size}
              - {say: "Multiply.", math: all - value(n * size)}
              - {say: "Take away.", math: left}
          - id: size
            tiers: [3]
            draw:
              n: 3..9
              size: 4..12
            where: ["n != size"]
            let:
              all: n * size
            stem:
              - "{all} litres fill {n} cans of one size."
            parts:
              - ask: How many litres does one hold?
                field: {id: size, label: Litres in one, kind: number, form: integer, answer: all / n}
                hints: ["What do all hold?", "All hold as much.", "Share $all$ evenly."]
            worked:
              - {say: "Share it out evenly.", math: all / n}
              - {say: "Divide.", math: size}
        """;

    private Sample() {}

    static String with(String old, String changed) {
        if (!TEXT.contains(old)) {
            fail("the sample has no “" + old + "”");
        }
        return TEXT.replace(old, changed);
    }

    static TemplateSkill skill(String text) {
        return switch (Templates.read(text)) {
            case TemplateReading.Understood(var template) -> new TemplateSkill(template);
            case TemplateReading.Wrong(List<Complaint> complaints) -> fail(complaints.toString());
        };
    }

    static List<Complaint> complaints(String text) {
        return switch (Templates.read(text)) {
            case TemplateReading.Understood u -> List.of();
            case TemplateReading.Wrong(List<Complaint> complaints) -> complaints;
        };
    }

    /** One variant for all tiers, around the lines that a test is about. */
    static Item item(String draw, String lines, long seed) {
        String text = """
            skill: a
            name: A
            asks: {tier 1: a, tier 2: b, tier 3: c}
            variants:
              - id: v
                tiers: [1, 2, 3]
                letters: [x]
                draw: {%s}
            %s
            """.formatted(draw, lines.indent(4));
        return skill(text).make(1, seed);
    }

    static final String HINTS = "    hints: [look, think, begin]\n";
    static final String ASKED = "stem: [Look.]\nparts:\n  - ask: What?\n" + HINTS;

    static Field field(Item item) {
        return item.parts().getFirst().fields().getFirst();
    }
}
