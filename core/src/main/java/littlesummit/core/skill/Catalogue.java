package littlesummit.core.skill;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.data.Mean;
import littlesummit.core.skill.data.TwoWayRead;
import littlesummit.core.skill.data.TwoWayRelative;
import littlesummit.core.skill.equation.BothSides;
import littlesummit.core.skill.equation.OneStepMultiplication;
import littlesummit.core.skill.equation.SolutionCount;
import littlesummit.core.skill.fraction.FractionPicture;
import littlesummit.core.skill.fraction.PercentDiscount;
import littlesummit.core.skill.fraction.PercentParts;
import littlesummit.core.skill.function.BinomialExpand;
import littlesummit.core.skill.function.CircleCenter;
import littlesummit.core.skill.function.PolynomialFactor;
import littlesummit.core.skill.function.RationalAnalyse;
import littlesummit.core.skill.lesson.Lessons;
import littlesummit.core.skill.measure.MassProblems;
import littlesummit.core.skill.measure.MassSense;
import littlesummit.core.skill.measure.TileLength;
import littlesummit.core.skill.number.AbsoluteValue;
import littlesummit.core.skill.number.CompareWhole;
import littlesummit.core.skill.number.FractionLowest;
import littlesummit.core.skill.number.IntegerAddSubtract;
import littlesummit.core.skill.number.PlaceValue;
import littlesummit.core.skill.number.PrimeFactors;
import littlesummit.core.skill.power.ExponentRules;
import littlesummit.core.skill.power.ScientificNotation;
import littlesummit.core.skill.shape.AnglePairs;
import littlesummit.core.skill.shape.CongruentSegments;
import littlesummit.core.skill.shape.LineKinds;
import littlesummit.core.skill.shape.SelectShapes;

/** Every skill that there is. */
public final class Catalogue {
    private static final Map<String, Skill> SKILLS = byId(List.of(
            new PlaceValue(), new CompareWhole(), new IntegerAddSubtract(), new AbsoluteValue(), new PrimeFactors(),
            new TileLength(), new MassSense(), new MassProblems(),
            new SelectShapes(), new LineKinds(), new CongruentSegments(), new AnglePairs(),
            new FractionPicture(), new FractionLowest(), new PercentParts(), new PercentDiscount(),
            new Mean(), new TwoWayRead(), new TwoWayRelative(),
            new ScientificNotation(), new ExponentRules(),
            new OneStepMultiplication(), new BothSides(), new SolutionCount(),
            new CircleCenter(), new PolynomialFactor(), new BinomialExpand(), new RationalAnalyse()));

    private Catalogue() {}

    private static Map<String, Skill> byId(List<Skill> skills) {
        Map<String, Skill> map = new LinkedHashMap<>();
        skills.forEach(skill -> map.put(skill.id(), skill));
        return map;
    }

    public static List<Skill> all() {
        return List.copyOf(SKILLS.values());
    }

    public static Optional<Skill> find(String id) {
        return Optional.ofNullable(SKILLS.get(id));
    }

    /** What makes items: a skill, or a lesson that leads to one. @throws IllegalArgumentException for an id that is none */
    public static Skill generator(String id) {
        return find(id).or(() -> Lessons.find(id).map(Skill.class::cast)).orElseThrow(() -> new IllegalArgumentException("no generator " + id));
    }

    /** @throws IllegalArgumentException for an id that is none */
    public static Skill require(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no skill " + id));
    }

    /**
     * Makes an item again.
     *
     * @throws IllegalArgumentException when it would be another one: for a version that is not today's, or a variant that there is not
     */
    public static Item make(ItemRef ref) {
        Skill skill = generator(ref.skill());
        if (ref.version() != skill.version() || !has(skill, ref.tier(), ref.variant())) {
            throw new IllegalArgumentException("not made any more: " + ref);
        }
        return skill.make(ref);
    }

    /** Another one like it, as it is made today: of the same variant, or of any where that one is gone. */
    public static Item like(ItemRef ref, long seed) {
        Skill skill = generator(ref.skill());
        return has(skill, ref.tier(), ref.variant()) ? skill.make(new ItemRef(ref.skill(), skill.version(), ref.tier(), ref.variant(), seed)) : skill.make(ref.tier(), seed);
    }

    private static boolean has(Skill skill, int tier, String variant) {
        return skill.variants(tier).contains(variant) || skill.openVariants(tier).contains(variant);
    }
}
