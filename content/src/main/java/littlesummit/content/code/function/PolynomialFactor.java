package littlesummit.content.code.function;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Polynomials as products: what all terms share, trinomials, squares, in one step and in several. */
public final class PolynomialFactor extends KindSkill {
    public PolynomialFactor() {
        super(
                "polynomial-factor",
                "Factoring",
                3,
                Tier.of(
                        "One step: what all terms share, a trinomial, a difference of squares.",
                        ItemKind.of(
                                "common",
                                FactorItem::common,
                                "Take out all that the terms share.",
                                "Both terms have something in common. Write this as a product."),
                        ItemKind.of(
                                "trinomial",
                                FactorTrinomial::make,
                                "Write this as a product of two brackets.",
                                "Which two brackets were multiplied here?"),
                        ItemKind.of(
                                "squares",
                                FactorItem::squares,
                                "Write this difference as a product.",
                                "Two squares, one taken from the other. Write this as a product.")),
                Tier.of(
                        "A number before the square, squares of brackets, and whether it comes apart at all.",
                        ItemKind.of(
                                "leading",
                                FactorTrinomial::leading,
                                "A number stands before $x^2$. Write this as a product of two brackets.",
                                "Factor this trinomial. Neither bracket need begin with $x$ alone."),
                        ItemKind.of(
                                "perfect",
                                FactorItem::perfect,
                                "Of what is this the square?",
                                "Write this as a product. Look at the first and the last term."),
                        ItemKind.of(
                                "whether",
                                FactorWhether::make,
                                "Four polynomials, and one of them is different.",
                                "Try to factor these four with whole numbers.")),
                Tier.of(
                        "Several steps one after the other, grouping, and a coefficient that has to be found.",
                        ItemKind.of(
                                "two-steps",
                                FactorSteps::shared,
                                "Factor completely. One step will not be enough.",
                                "Take out first what all terms share, and then go on."),
                        ItemKind.of(
                                "fourth",
                                FactorSteps::fourth,
                                "Factor this completely. $x^4$ is a square.",
                                "Two squares again, and more than one step."),
                        ItemKind.of(
                                "grouping",
                                FactorSteps::grouping,
                                "Put the four terms into two groups, and factor.",
                                "Factor this cubic. Look at two terms at a time."),
                        ItemKind.of(
                                "coefficient",
                                FactorCoefficient::make,
                                "In this trinomial $k$ stands for a number.",
                                "The number in the middle has got lost; it is called $k$ here.")));
    }
}
