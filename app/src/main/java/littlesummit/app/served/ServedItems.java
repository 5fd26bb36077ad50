package littlesummit.app.served;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.app.content.FrozenItems;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Tag;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.Variety;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gives items to students, never the same numbers twice while there are others and in words that change, and finds
 * them again for their owner only.
 */
@Service
public class ServedItems {
    /** Seeds tried before the numbers of a tier count as used up. */
    private static final int MOST_TRIES = 300;

    /** Items that one is chosen from, so that the words change. */
    private static final int DRAWN = 8;

    private static final String NONE = "There is no such item for you.";
    private final ItemSource catalogue;
    private final ServedItemRepository items;
    private final PeopleService people;
    private final FrozenItems frozen;
    private final Json json;
    private final List<ItemsLeft> left;
    private final Dealer dealer;

    ServedItems(
            ServedItemRepository items,
            PeopleService people,
            FrozenItems frozen,
            Json json,
            ItemSource catalogue,
            Dealer dealer,
            List<ItemsLeft> left) {
        this.dealer = dealer;
        this.left = List.copyOf(left);
        this.catalogue = catalogue;
        this.items = items;
        this.people = people;
        this.frozen = frozen;
        this.json = json;
    }

    /** A fresh item of a tier, any variant. */
    @Transactional
    public ServedItem serve(String personId, String assignmentId, String skillId, int tier) {
        Skill skill = catalogue.generator(skillId);
        return keep(personId, assignmentId, varied(personId, skillId, tier, seed -> skill.make(tier, seed)));
    }

    /** A fresh item whose parts may all stand open at once, for a check or a quiz. */
    @Transactional
    public ServedItem serveOpen(String personId, String assignmentId, String skillId, int tier) {
        Skill skill = catalogue.generator(skillId);
        return keep(personId, assignmentId, varied(personId, skillId, tier, seed -> skill.makeOpen(tier, seed)));
    }

    /** Another one like it. */
    @Transactional
    public ServedItem serveLike(String personId, String assignmentId, ItemRef ref) {
        return keep(personId, assignmentId, fresh(personId, seed -> catalogue.like(ref, seed)));
    }

    /** An item that was made elsewhere, such as for paper. */
    @Transactional
    public ServedItem give(String personId, String assignmentId, Item item) {
        return keep(personId, assignmentId, item);
    }

    /** A fresh item in words that the student has met less often than others. */
    private Item varied(String personId, String skillId, int tier, LongFunction<Item> maker) {
        Map<String, Long> met = items.variantsMet(personId, skillId, tier).stream()
                .collect(Collectors.toMap(MetVariant::variant, MetVariant::times));
        List<Item> drawn =
                Stream.generate(() -> dealer.deal(maker)).limit(DRAWN).toList();
        return Variety.leastMetFirst(drawn, met).stream()
                .filter(item -> !isKnown(personId, item))
                .findFirst()
                .orElseGet(() -> fresh(personId, maker));
    }

    /** An item that the student has not had, while there are such. */
    private Item fresh(String personId, LongFunction<Item> maker) {
        Item item = dealer.deal(maker);
        for (int i = 0; i < MOST_TRIES && isKnown(personId, item); i++) {
            item = dealer.deal(maker);
        }
        return item;
    }

    private boolean isKnown(String personId, Item item) {
        return items.existsByPersonIdAndSkillAndFingerprint(personId, item.ref().skill(), item.fingerprint());
    }

    private ServedItem keep(String personId, String assignmentId, Item item) {
        int number = 1
                + items.countByPersonIdAndAssignmentIdAndSkill(
                        personId, assignmentId, item.ref().skill());
        return served(items.save(new ServedItemEntity(
                UUID.randomUUID().toString(),
                personId,
                assignmentId,
                number,
                item.ref(),
                item.fingerprint(),
                frozen.freeze(item),
                exampleSeed(item))));
    }

    /** A seed whose item has other numbers than this one, where there is any. */
    private long exampleSeed(Item item) {
        return Stream.generate(
                        () -> dealer.deal(seed -> catalogue.make(item.ref().withSeed(seed))))
                .limit(MOST_TRIES)
                .filter(example -> !isSame(example, item))
                .findFirst()
                .orElse(item)
                .ref()
                .seed();
    }

    /** What is read and what is right are the same, whatever it was made of. */
    private static boolean isSame(Item one, Item other) {
        return one.stem().equals(other.stem()) && one.parts().equals(other.parts());
    }

    /** An item as it was given out, whoever it was given to; for the services, which have looked who asks. */
    @Transactional(readOnly = true)
    public Optional<Item> item(String itemId) {
        return items.findById(itemId).map(this::item);
    }

    /** The example that goes with an item, once it has been opened. */
    @Transactional(readOnly = true)
    public Optional<Item> example(ServedItem served) {
        return items.findById(served.id())
                .flatMap(entity -> entity.exampleContentId().map(id -> frozen.thaw(id, entity.example())));
    }

    /**
     * From now on the example of this item stays what it is; until now it is made as they are made today.
     *
     * @throws Problem where the skill has no other item: an example would be the solution
     */
    @Transactional(noRollbackFor = Problem.class)
    public void openExample(ServedItem served) {
        items.findById(served.id())
                .filter(entity -> entity.exampleContentId().isEmpty())
                .ifPresent(entity -> entity.freezeExample(frozen.freeze(exampleFor(item(entity), entity.example()))));
    }

    /** One like it, with other numbers; an item that never changes has none, and another of its skill serves. */
    private Item exampleFor(Item item, ItemRef example) {
        Skill skill = catalogue.generator(example.skill());
        Stream<Item> others = IntStream.of(example.tier(), 1, 2, 3)
                .boxed()
                .flatMap(tier -> LongStream.range(0, MOST_TRIES).mapToObj(seed -> skill.make(tier, seed)));
        return Stream.concat(Stream.of(catalogue.like(example, example.seed())), others)
                .filter(one -> !isSame(one, item))
                .findFirst()
                .orElseThrow(() -> Problem.conflict("There is no other item of this skill to show as an example."));
    }

    private Item item(ServedItemEntity entity) {
        long id = entity.contentId()
                .orElseThrow(() -> new IllegalStateException("nothing is kept of the item " + entity.id()));
        return frozen.thaw(id, entity.ref());
    }

    /** @throws Problem when there is none, or when it is another student's */
    @Transactional(readOnly = true, noRollbackFor = Problem.class)
    public ServedItem require(Person person, String itemId) {
        return served(entity(person, itemId));
    }

    /**
     * For its owner, and for whoever teaches the owner's class.
     *
     * @throws Problem when there is none, or when it is somebody else's
     */
    @Transactional(readOnly = true, noRollbackFor = Problem.class)
    public ServedItem requireSeen(Person person, String itemId) {
        return items.findById(itemId)
                .filter(i -> maySee(person, i.personId()))
                .map(this::served)
                .orElseThrow(() -> Problem.notFound(NONE));
    }

    private boolean maySee(Person person, String ownerId) {
        return ownerId.equals(person.id())
                || person.role() == Role.INSTRUCTOR
                        && people.teaches(person, people.require(ownerId).classId());
    }

    private ServedItemEntity entity(Person person, String itemId) {
        return items.findById(itemId)
                .filter(i -> i.personId().equals(person.id()))
                .orElseThrow(() -> Problem.notFound(NONE));
    }

    /**
     * Keeps what is typed but not checked.
     *
     * @param builtOn tag of the version that was changed; empty for who does not mind
     * @return the tag of what is kept now
     * @throws Problem when somebody else changed it since
     */
    @Transactional
    public Tag keepDraft(Person person, String itemId, List<Map<String, String>> entries, Optional<String> builtOn) {
        ServedItemEntity entity = entity(person, itemId);
        Item item = item(entity);
        Draft draft = Draft.of(item, entries).orElseThrow(() -> Problem.badRequest("This item has no such field."));
        ServedItem served = served(entity);
        List<Map<String, String>> current = served.draft().typed(item);
        Tag change = Tag.ofEntries(draft.typed(item));
        Tag here = Tag.ofEntries(current);
        if (!here.allows(builtOn, change) && left.stream().anyMatch(those -> those.isLeft(served))) {
            throw Problem.conflict("You had gone on in another window. This is what you typed.");
        }
        here.require(builtOn, change, Map.of("entries", current));
        entity.keepDraft(json.write(draft.texts()));
        return change;
    }

    private ServedItem served(ServedItemEntity entity) {
        return new ServedItem(
                entity.id(),
                entity.personId(),
                entity.assignmentId(),
                entity.number(),
                item(entity),
                new Draft(json.texts(entity.draft())));
    }
}
