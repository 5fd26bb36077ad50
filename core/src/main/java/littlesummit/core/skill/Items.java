package littlesummit.core.skill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;

/** Puts an item together, piece by piece, in the order in which it is read. */
public final class Items {
    private final ItemRef ref;
    private final List<Block> stem = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private final List<WorkedStep> worked = new ArrayList<>();
    private Optional<SecondView> second = Optional.empty();
    private boolean calculator;
    private String given = "";

    private Items(ItemRef ref) {
        this.ref = ref;
    }

    public static Items of(ItemRef ref) {
        return new Items(ref);
    }

    public Items text(String text) {
        stem.add(new Block.Text(text));
        return this;
    }

    public Items formula(String latex) {
        stem.add(new Block.Formula(latex));
        return this;
    }

    public Items picture(Figure figure) {
        stem.add(new Block.Picture(figure));
        return this;
    }

    public Items table(List<String> head, List<List<String>> rows) {
        stem.add(new Block.Table(head, rows));
        return this;
    }

    public Items part(Part part) {
        parts.add(part);
        return this;
    }

    /** @param math LaTeX that follows from the step before; empty for words alone */
    public Items step(String say, String math) {
        worked.add(new WorkedStep(say, math));
        return this;
    }

    public Items second(String title, Block... blocks) {
        return second(new SecondView(title, List.of(blocks)));
    }

    public Items second(SecondView view) {
        second = Optional.of(view);
        return this;
    }

    public Items calculator() {
        calculator = true;
        return this;
    }

    /** What the first line of work may start from, in entry syntax. */
    public Items given(String entry) {
        given = entry;
        return this;
    }

    public Item build() {
        return new Item(ref, stem, parts, worked, second, calculator, given);
    }
}
