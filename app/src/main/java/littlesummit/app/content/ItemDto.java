package littlesummit.app.content;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/**
 * The whole content of an item, as it is kept; it never leaves the server as a whole. It does not say of which skill
 * and seed it was made: what reads alike is kept once.
 */
record ItemDto(
        List<BlockDto> stem,
        List<PartDto> parts,
        List<WorkedStepDto> worked,
        Optional<SecondViewDto> second,
        boolean calculator,
        String given) {
    static ItemDto of(Item item) {
        return new ItemDto(
                BlockDto.of(item.stem()),
                item.parts().stream().map(PartDto::of).toList(),
                WorkedStepDto.of(item.worked()),
                SecondViewDto.of(item.second()),
                item.calculator(),
                item.given());
    }

    Item toCore(ItemRef ref) {
        return new Item(
                ref,
                BlockDto.toCore(stem),
                parts.stream().map(PartDto::toCore).toList(),
                WorkedStepDto.toCore(worked),
                second.map(SecondViewDto::toCore),
                calculator,
                given);
    }
}
