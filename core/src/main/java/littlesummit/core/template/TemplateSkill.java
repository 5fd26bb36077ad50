package littlesummit.core.template;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** A skill whose items are made from a template. */
public final class TemplateSkill extends KindSkill {
    private final Template template;

    public TemplateSkill(Template template) {
        super(
                template.skill(),
                template.name(),
                template.version(),
                tier(template, 1),
                tier(template, 2),
                tier(template, 3));
        this.template = template;
    }

    public Template template() {
        return template;
    }

    /** A tier in which a person reads everything, which no proof lets through, keeps what it has. */
    @Override
    public List<String> openVariants(int tier) {
        List<String> read = template.of(tier).stream()
                .filter(Variant::isRead)
                .map(Variant::id)
                .toList();
        List<String> judged = variants(tier).stream()
                .filter(variant -> !read.contains(kindOf(variant)))
                .toList();
        return judged.isEmpty() ? variants(tier) : judged;
    }

    private static Tier tier(Template template, int tier) {
        return new Tier(
                template.asks().get(tier),
                template.of(tier).stream().map(TemplateSkill::kind).toList());
    }

    /** The frames of a template are numbers here: each is written with the values of its item. */
    private static ItemKind kind(Variant variant) {
        List<String> frames = IntStream.range(0, variant.frameCount())
                .mapToObj(String::valueOf)
                .toList();
        return new ItemKind(
                variant.id(),
                frames,
                (ItemRef ref, String frame, Draw draw) -> make(variant, ref, Integer.parseInt(frame), draw));
    }

    private static Item make(Variant variant, ItemRef ref, int frame, Draw draw) {
        return variant.make(ref, frame, draw);
    }
}
