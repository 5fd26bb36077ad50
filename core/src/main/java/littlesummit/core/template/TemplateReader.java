package littlesummit.core.template;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Reads a document into a template, or says what is wrong with it: in each variant the first thing. */
public final class TemplateReader {
    private static final String ID = "[a-z][a-z0-9]*(-[a-z0-9]+)*";
    private static final int TIERS = 3;
    private static final int MOST_VARIANTS = 60;

    private final WordLists lists;
    private final WholeItems wholes;
    private final List<Complaint> complaints = new ArrayList<>();

    private TemplateReader(WordLists lists, WholeItems wholes) {
        this.lists = lists;
        this.wholes = wholes;
    }

    /**
     * @param lists the words that ship
     * @param wholes reads items that stand whole in it
     */
    public static TemplateReading read(Node document, WordLists lists, WholeItems wholes) {
        TemplateReader reader = new TemplateReader(lists, wholes);
        Optional<Template> template = Optional.empty();
        try {
            template = Optional.of(reader.template(Keys.of(document, "A template")));
        } catch (Refused refused) {
            reader.complaints.add(refused.complaint());
        }
        return reader.complaints.isEmpty()
                ? new TemplateReading.Understood(template.orElseThrow())
                : new TemplateReading.Wrong(reader.complaints);
    }

    private Template template(Keys keys) {
        String skill = id(keys.scalar("skill"));
        String name = keys.text("name");
        String strand = keys.text("strand", "");
        List<String> prerequisites = keys.list("prerequisites").stream()
                .map(node -> id(Keys.scalar(node)))
                .toList();
        int version = keys.whole("version", 1);
        Set<String> letters = keys.list("letters").stream()
                .map(node -> Keys.scalar(node).text())
                .collect(Collectors.toSet());
        Map<Integer, String> asks = asks(keys);
        List<Variant> variants = variants(keys, letters);
        keys.end();
        for (int tier = 1; tier <= TIERS && complaints.isEmpty(); tier++) {
            int steep = tier;
            if (variants.stream().noneMatch(v -> v.tiers().contains(steep))) {
                complaints.add(new Complaint(keys.at(), "There is no variant for tier " + tier + "."));
            }
        }
        return new Template(skill, name, strand, prerequisites, version, asks, variants);
    }

    private static String id(Node.Scalar node) {
        if (!node.text().matches(ID)) {
            throw new Refused(
                    node.at(), "“" + node.text() + "” is no id: small letters, digits and hyphens, such as unit-rate.");
        }
        return node.text();
    }

    private static Map<Integer, String> asks(Keys keys) {
        Map<Integer, String> asks = new TreeMap<>();
        Keys tiers = Keys.of(keys.require("asks"), "“asks”");
        for (int tier = 1; tier <= TIERS; tier++) {
            asks.put(tier, tiers.text("tier " + tier));
        }
        tiers.end();
        return asks;
    }

    private List<Variant> variants(Keys keys, Set<String> letters) {
        List<Node> nodes = keys.list("variants");
        if (nodes.isEmpty() || nodes.size() > MOST_VARIANTS) {
            throw new Refused(keys.at(), "A template has from 1 to " + MOST_VARIANTS + " variants.");
        }
        List<Variant> variants = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Node node : nodes) {
            try {
                Variant variant = new VariantReader(letters, lists, wholes).read(Keys.of(node, "A variant"));
                if (!ids.add(variant.id())) {
                    throw new Refused(node.at(), "There is a variant “" + variant.id() + "” already.");
                }
                variants.add(variant);
            } catch (Refused refused) {
                complaints.add(refused.complaint());
            }
        }
        return variants;
    }
}
