package littlesummit.content.code.fraction;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Prices that go down and up by a percent: what is paid, what is saved, which percent it was, and the way back. */
public final class PercentDiscount extends KindSkill {
    public PercentDiscount() {
        super(
                "percent-discount",
                "Reduced prices",
                5,
                Tier.of(
                        "From the full price to what is paid or saved.",
                        ItemKind.of(
                                "reduced",
                                ReducedPrice::make,
                                "At the end of the season, %1$s costs %2$d%% less than its full price of %3$s.",
                                "Helpers of the rescue post get %2$d%% off. The full price of %1$s is %3$s.",
                                "The village shop has %1$s for %3$s. On market day all prices are %2$d%% lower."),
                        ItemKind.of(
                                "saved",
                                SavedMoney::make,
                                "With a member card, %1$s costs %2$d%% less than %3$s.",
                                "Whoever buys before the snow comes saves %2$d%%. Later, %1$s costs %3$s.",
                                "The full price of %1$s is %3$s. Families of the school pay %2$d%% less.")),
                Tier.of(
                        "Which percent it was, and prices that go up.",
                        ItemKind.of(
                                "rate",
                                PriceChange::rate,
                                "Last week %s cost %s, and now it costs %s.",
                                "The price of %s was %s. It is %s today.",
                                "On the tag of %s, %s is crossed out, and %s is written below it."),
                        ItemKind.of(
                                "raised",
                                PriceChange::raised,
                                "Since the pass is closed, prices are %2$d%% higher. Before, %1$s cost %3$s.",
                                "The full price of %1$s is %3$s. Carrying it up to the hut adds %2$d%% to that.",
                                "In winter %1$s costs %2$d%% more than in summer. The summer price is %3$s.")),
                Tier.of(
                        "From the reduced price back, and two changes one after the other.",
                        ItemKind.of(
                                "original",
                                FullPrice::make,
                                "At the end of the season everything is %2$d%% off. Now %1$s costs %3$s.",
                                "There is %1$s with a small flaw for %3$s. That is %2$d%% less than without the flaw."),
                        ItemKind.of(
                                "twice",
                                TwoChanges::twice,
                                "In spring the price of %s was reduced by %d%%, and in summer the new price by %d%%"
                                        + " once more.",
                                "For %s there is %d%% off at the end of the season, and members get another %d%% off"
                                        + " that price."),
                        ItemKind.of(
                                "down-and-up",
                                TwoChanges::downAndUp,
                                "The price of %s goes down by %d%%. Later the new price goes up by %d%%.",
                                "In the sale %s costs %d%% less. After the sale the sale price is raised by %d%%.")));
    }
}
