package littlesummit.core.template;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import littlesummit.core.item.Block;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;

/** Reads one variant. Names are known from where they are given on: first what is drawn, then what is worked out. */
final class VariantReader {
    private static final String NAME = "[a-z][A-Za-z0-9]*";
    /** What the grammar of students reads by itself. */
    private static final Set<String> RESERVED = Set.of(
            "and",
            "or",
            "of",
            "as",
            "none",
            "except",
            "pi",
            "inf",
            "infinity",
            "sqrt",
            "cbrt",
            "root",
            "abs",
            "gcd",
            "lcm",
            "hcf",
            "gcf",
            "log",
            "lg",
            "ln",
            "exp",
            "sin",
            "cos",
            "tan",
            "cot",
            "sec",
            "csc",
            "arcsin",
            "arccos",
            "arctan",
            "asin",
            "acos",
            "atan",
            "sinh",
            "cosh",
            "tanh");

    private final WordLists lists;
    private final WholeItems wholes;
    private Formula.Names names;

    VariantReader(Set<String> letters, WordLists lists, WholeItems wholes) {
        this.lists = lists;
        this.wholes = wholes;
        this.names = new Formula.Names(letters, Set.of());
    }

    Variant read(Keys keys) {
        String id = keys.text("id");
        if (!id.matches("[a-z][a-z0-9]*(-[a-z0-9]+)*")) {
            throw new Refused(keys.scalar("id").at(), "An id is written in small letters, digits and hyphens.");
        }
        Set<Integer> tiers = tiers(keys);
        Optional<Node> whole = keys.find("whole");
        if (whole.isPresent()) {
            keys.end();
            return new WholeReader(wholes).read(id, keys.at(), tiers, whole.get());
        }
        keys.list("letters").forEach(node -> letter(Keys.scalar(node)));
        Map<String, Map<Integer, Drawing>> draws = draws(keys, tiers);
        Map<String, Variant.Let> lets = lets(keys);
        List<Formula> where = keys.list("where").stream()
                .map(node -> Formula.read(Keys.scalar(node), names).condition())
                .toList();
        List<Texts> frames = keys.list("frames").stream()
                .map(node -> Texts.read(node, names))
                .toList();
        Made<List<Block>> stem = new BlockReader(names).read(keys.list("stem"));
        if (frames.isEmpty() && keys.list("stem").isEmpty()) {
            throw new Refused(keys.at(), "A variant needs a stem, or frames to begin it with.");
        }
        List<PartReader.PartMade> parts = new ArrayList<>();
        for (Node part : keys.list("parts")) {
            parts.add(new PartReader(names).read(part));
        }
        if (parts.isEmpty()) {
            throw new Refused(keys.at(), "“parts” is missing here: what is asked?");
        }
        Variant variant = new Variant(
                id,
                keys.at(),
                tiers,
                draws,
                lets,
                where,
                frames,
                stem,
                parts,
                worked(keys),
                second(keys),
                keys.yes("calculator"),
                keys.find("given").map(node -> new Entry.Computed(Formula.read(Keys.scalar(node), names))));
        keys.end();
        return variant;
    }

    private void letter(Node.Scalar node) {
        if (!node.text().matches("[A-Za-z]")) {
            throw new Refused(node.at(), "A letter that stands for itself is a single one.");
        }
        Set<String> letters = new TreeSet<>(names.letters());
        letters.add(node.text());
        names = new Formula.Names(letters, names.names());
    }

    private static Set<Integer> tiers(Keys keys) {
        Set<Integer> tiers = new TreeSet<>();
        for (Node node : keys.list("tiers")) {
            int tier = Keys.whole(Keys.scalar(node));
            if (tier < 1 || tier > 3) {
                throw new Refused(node.at(), "Tiers go from 1 to 3.");
            }
            tiers.add(tier);
        }
        if (tiers.isEmpty()) {
            throw new Refused(keys.at(), "“tiers” is missing here, such as “tiers: [1]”.");
        }
        return tiers;
    }

    private void name(String name, Node node) {
        if (!name.matches(NAME)) {
            throw new Refused(
                    node.at(), "“" + name + "” is no name: it begins with a small letter, then letters and digits.");
        }
        if (RESERVED.contains(name) || Functions.NAMES.contains(name)) {
            throw new Refused(node.at(), "“" + name + "” has a meaning of its own; take another name.");
        }
        if (names.letters().contains(name) || names.names().contains(name)) {
            throw new Refused(node.at(), "There is a “" + name + "” already.");
        }
        names = names.with(name);
    }

    private Map<String, Map<Integer, Drawing>> draws(Keys keys, Set<Integer> tiers) {
        Map<String, Map<Integer, Drawing>> draws = new LinkedHashMap<>();
        if (keys.has("draw")) {
            Keys.of(keys.require("draw"), "“draw”").all().forEach((name, node) -> {
                Map<Integer, Drawing> byTier = byTier(node, tiers);
                name(name, node);
                draws.put(name, byTier);
            });
        }
        return draws;
    }

    private Map<Integer, Drawing> byTier(Node node, Set<Integer> tiers) {
        Map<Integer, Drawing> byTier = new TreeMap<>();
        if (!(node instanceof Node.Mapping)) {
            Drawing all = Drawing.read(node, names, lists);
            tiers.forEach(tier -> byTier.put(tier, all));
            return byTier;
        }
        Keys keys = Keys.of(node, "Numbers by tier");
        for (int tier : tiers) {
            byTier.put(tier, Drawing.read(keys.require("tier " + tier), names, lists));
        }
        keys.end();
        return byTier;
    }

    private Map<String, Variant.Let> lets(Keys keys) {
        Map<String, Variant.Let> lets = new LinkedHashMap<>();
        if (keys.has("let")) {
            Keys.of(keys.require("let"), "“let”").all().forEach((name, node) -> {
                Variant.Let let = let(node);
                name(name, node);
                lets.put(name, let);
            });
        }
        return lets;
    }

    private Variant.Let let(Node node) {
        if (node instanceof Node.Scalar scalar) {
            Formula is = Formula.read(scalar, names);
            is.expr();
            return new Variant.Let(
                    List.of(new Variant.Let.Case(Optional.empty(), Optional.of(is), Texts.NONE)), node.at());
        }
        List<Variant.Let.Case> cases = new ArrayList<>();
        for (Node one : Keys.items(node)) {
            Keys keys = Keys.of(one, "A value with a condition");
            Optional<Formula> when = keys.find("when")
                    .map(n -> Formula.read(Keys.scalar(n), names).condition());
            Optional<Formula> is = keys.find("is").map(n -> Formula.read(Keys.scalar(n), names));
            Texts say = is.isPresent() ? Texts.NONE : Texts.read(keys.require("say"), names);
            keys.end();
            cases.add(new Variant.Let.Case(when, is, say));
        }
        return new Variant.Let(cases, node.at());
    }

    private Made<List<WorkedStep>> worked(Keys keys) {
        record Step(Optional<Formula> when, Texts say, Optional<Formula> math) {}
        List<Step> steps = new ArrayList<>();
        for (Node node : keys.list("worked")) {
            Keys step = Keys.of(node, "A worked step");
            steps.add(new Step(
                    step.find("when")
                            .map(n -> Formula.read(Keys.scalar(n), names).condition()),
                    Texts.read(step.require("say"), names),
                    step.find("math").map(n -> Formula.read(Keys.scalar(n), names))));
            step.end();
        }
        return making -> steps.stream()
                .filter(step -> step.when().map(making.evaluator()::holds).orElse(true))
                .map(step -> new WorkedStep(
                        step.say().write(making.evaluator()),
                        step.math()
                                .map(math -> TextPattern.latex(math, making.evaluator()))
                                .orElse("")))
                .toList();
    }

    private Optional<Made<SecondView>> second(Keys keys) {
        return keys.find("second").map(node -> {
            Keys second = Keys.of(node, "A second view");
            Texts title = Texts.read(second.require("title"), names);
            Made<List<Block>> blocks = new BlockReader(names).read(second.list("blocks"));
            second.end();
            return making -> new SecondView(title.write(making.evaluator()), blocks.make(making));
        });
    }
}
