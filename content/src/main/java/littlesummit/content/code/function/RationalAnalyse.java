package littlesummit.content.code.function;

import java.util.List;
import java.util.Set;
import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** A rational function taken apart step by step, down to its graph, and built from what its graph is to show. */
public final class RationalAnalyse extends KindSkill {
    /** Their parts tell nothing of one another, so they may stand open together. */
    private static final Set<String> OPEN = Set.of("key-facts", "which-graph", "graph-of-squares", "built", "claims");

    public RationalAnalyse() {
        super(
                "rational-analyse",
                "Rational functions",
                7,
                Tier.of(
                        "Factors of first degree: domain, hole, zero, pole and both its sides, and the line far out.",
                        ItemKind.of(
                                "whole-way",
                                RationalItem::wholeWay,
                                "Take this function apart, step by step, down to its graph.",
                                "Here is a function. Find out all about it, one thing after the other."),
                        ItemKind.of(
                                "key-facts",
                                RationalItem::keyFacts,
                                "Three things say most about the graph of this function.",
                                "Zero, pole and line: find all three for this function."),
                        ItemKind.of(
                                "fading",
                                RationalItem::fading,
                                "This function has no $x$ left above when all is cancelled. How does its graph run?",
                                "Find out how the graph of this function runs, from its breaks to far out."),
                        ItemKind.of(
                                "which-graph",
                                RationalItem::whichGraph,
                                "Which picture belongs to this function?",
                                "Four graphs, one function.")),
                Tier.of(
                        "Double zeros and poles, bottoms that are never zero, and the sign between.",
                        ItemKind.of(
                                "squares",
                                RationalItem::squares,
                                "Take this function apart. Look at how often each factor occurs.",
                                "Some factors may occur twice here. Work out what that means for the graph."),
                        ItemKind.of(
                                "no-pole",
                                RationalItem::noPole,
                                "Look at the bottom of this function first.",
                                "Does the graph of this function break off anywhere? Find out, and then how it runs."),
                        ItemKind.of(
                                "beside-poles",
                                RationalItem::besidePoles,
                                "Find out what this function does near its poles and between them.",
                                "Up or down? Find out on which sides the graph of this function goes where."),
                        ItemKind.of(
                                "graph-of-squares",
                                RationalItem::graphOfSquares,
                                "Which picture belongs to this function? Mind how often each factor occurs.",
                                "One of the graphs belongs to this function. Look closely at the zeros and poles.")),
                Tier.of(
                        "Slanted asymptotes and none, a function from its features, and a sentence that is wrong.",
                        ItemKind.of(
                                "slant",
                                RationalItem::slant,
                                "This function has a slanted asymptote. Take it apart and find it.",
                                "The top has one degree more than the bottom. What does that do to the graph?"),
                        ItemKind.of(
                                "no-line",
                                RationalItem::noLine,
                                "Far out, this function comes close to no line. Where does it go, and what does it do"
                                        + " before?",
                                "Follow the graph of this function from the far left to the far right."),
                        ItemKind.of(
                                "built",
                                RationalBuilt::make,
                                "A function is wanted. %s",
                                "Build a function from what its graph shows. %s",
                                "Somebody sketched the graph of a fraction with $x$ above or below. %s"),
                        ItemKind.of(
                                "claims",
                                RationalClaims::make,
                                "%s has written five sentences about this function. One of them is wrong.",
                                "Four of the five sentences in %s's exercise book are true.")));
    }

    /** Short kinds alone: a check has no room for a chain of fourteen parts, in which a graph shows what others ask. */
    @Override
    public List<String> openVariants(int tier) {
        return variants(tier).stream()
                .filter(v -> OPEN.contains(v.substring(0, v.lastIndexOf('-'))))
                .toList();
    }
}
