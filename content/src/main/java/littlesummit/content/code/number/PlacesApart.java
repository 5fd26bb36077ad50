package littlesummit.content.code.number;

import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Two places on a scale that goes below zero, and how far they are apart; mostly both below, so that adding fails. */
final class PlacesApart {
    private PlacesApart() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int one = draw.between(-25, -8);
        boolean mixed = draw.between(1, 10) == 1;
        int other = mixed ? draw.between(1, 9) : draw.between(-25, -2, n -> Math.abs(n - one) > 1);
        return BarsItem.item(
                        Items.of(ref).text(frame.formatted(one, other)),
                        true,
                        BarSum.plain(Bars.difference(one, other)),
                        "A distance is the larger number less the smaller one; the bars do that in any order.")
                .build();
    }
}
