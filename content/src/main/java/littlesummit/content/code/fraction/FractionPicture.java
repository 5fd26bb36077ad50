package littlesummit.content.code.fraction;

import java.util.List;
import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/**
 * Fractions as pictures: shaded, found among others, read, drawn, and the whole found from its part. What is drawn the
 * instructor reads.
 */
public final class FractionPicture extends KindSkill {
    private static final String SKETCH = "sketch";
    private static final String DRAW = "draw";

    public FractionPicture() {
        super(
                "fraction-picture",
                "Fractions in pictures",
                5,
                Tier.of(
                        "One whole that is cut into as many parts as the fraction says.",
                        ItemKind.of(
                                "shade",
                                FractionShade::one,
                                "Shade %s of the %s.",
                                "How does %s of a %s look? Shade it.",
                                "The hut has eaten %s of this %s. Shade what is eaten."),
                        ItemKind.of(
                                "find",
                                FractionFind::make,
                                "Which pictures show %s?",
                                "Several of these pictures show %s.",
                                "Look for all pictures of %s.")),
                Tier.of(
                        "A whole that is cut finer than the fraction says, a share to be read, and a picture of one's"
                                + " own.",
                        ItemKind.of(
                                "finer",
                                FractionShade::finer,
                                "Shade %s of the %s. Look first into how many parts it is cut.",
                                "This is cut finer than %1$s says. Shade %1$s of the %2$s all the same."),
                        ItemKind.of(
                                "white",
                                FractionRead::white,
                                "Part of this %s is shaded. The rest is white.",
                                "Look at what is white on this %s."),
                        ItemKind.of(
                                SKETCH,
                                FractionSketch::one,
                                "Draw %s of a %s.",
                                "Somebody has never seen a fraction. Draw a picture of %s of a %s for them.")),
                Tier.of(
                        "More than one whole, the whole from its part, and pictures that somebody is wrong about.",
                        ItemKind.of(
                                "above",
                                FractionShade::above,
                                "Shade %s %s. Each of them is one whole.",
                                "More than one whole: shade %s %s, each of which is one whole."),
                        ItemKind.of(
                                "whole",
                                FractionRead::whole,
                                "The picture shows %s of a rope. The rest of the rope lies in the hut.",
                                "Only %s of a plank is left. Here it is."),
                        ItemKind.of(
                                "claim",
                                FractionRead::claim,
                                "%s says: “This picture shows %s.”",
                                "Below a picture %s has written: “%s”"),
                        ItemKind.of(DRAW, FractionSketch::above, "Draw %s %s.", "How do %s %s look? Draw them.")));
    }

    /** What a person reads comes in practice alone. */
    @Override
    public List<String> openVariants(int tier) {
        return variants(tier).stream()
                .filter(variant -> !variant.startsWith(SKETCH) && !variant.startsWith(DRAW))
                .toList();
    }
}
