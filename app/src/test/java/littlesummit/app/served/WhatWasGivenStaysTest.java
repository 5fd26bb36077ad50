package littlesummit.app.served;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import littlesummit.app.ApiTest;
import littlesummit.app.content.FrozenItems;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** An item that a student has stays what it was, whatever becomes of the program that made it. */
class WhatWasGivenStaysTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    @Autowired
    private FrozenItems frozen;

    @Autowired
    private OldItems old;

    /** What a new release may do: another version, other variants, and other numbers for the same seed. */
    private void theGeneratorChanges(String id) {
        assertEquals(
                1,
                database.update(
                        "update served_item set version = 99, variant = 'gone', seed = seed + 1 where id = ?", id));
    }

    private String practice() {
        return assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
    }

    @Test
    void itsPageItsChecksAndItsHelpStay() {
        String path = practice();
        JsonNode before = client.get(path).body();
        String id = itemId(path);
        theGeneratorChanges(id);
        JsonNode after = client.get(path).body();
        assertEquals(before.at("/item/stem"), after.at("/item/stem"));
        assertEquals(before.at("/item/parts"), after.at("/item/parts"));
        answerRight(path);
        JsonNode done = client.get(path).body();
        assertEquals("UNAIDED_FIRST", done.at("/item/outcome").textValue());
        assertEquals(
                before.at("/item/stem"), client.get("/api/book/" + id).body().at("/item/stem"));
        onward(path, "NEXT");
        assertNotEquals(id, itemId(path), "and it goes on");
    }

    @Test
    void anotherOneLikeItIsMadeAsTheyAreMadeToday() {
        String path = practice();
        String id = itemId(path);
        theGeneratorChanges(id);
        ItemRef like = items.serveLike(
                        student.id(), "elsewhere", items.require(student, id).ref())
                .ref();
        assertEquals(new Catalogue().require("scientific-notation").version(), like.version());
        assertTrue(new Catalogue()
                .require("scientific-notation")
                .variants(like.tier())
                .contains(like.variant()));
    }

    @Test
    void theExampleStaysOnceItIsOpened() {
        String path = practice();
        String id = itemId(path);
        assertTrue(items.example(items.require(student, id)).isEmpty());
        client.post(path + "/example", "{\"itemId\":\"" + id + "\"}");
        JsonNode shown = client.get(path).body().at("/item/example");
        assertTrue(shown.at("/worked").size() > 1);
        database.update("update served_item set example_seed = example_seed + 1, version = 99 where id = ?", id);
        assertEquals(shown, client.get(path).body().at("/item/example"));
    }

    @Test
    void anExampleThatIsOpenedLaterIsMadeAsTheyAreMadeThen() {
        String path = practice();
        String id = itemId(path);
        theGeneratorChanges(id);
        assertEquals(
                200,
                client.post(path + "/example", "{\"itemId\":\"" + id + "\"}").status());
        JsonNode shown = client.get(path).body().at("/item/example");
        assertTrue(shown.at("/worked").size() > 1);
        assertEquals(shown, client.get(path).body().at("/item/example"));
    }

    @Test
    void whatReadsAlikeIsKeptOnce() {
        Item item = new Catalogue().require("mean").make(1, 5);
        ItemRef other = item.ref().withSeed(6);
        Item same = new Item(
                other, item.stem(), item.parts(), item.worked(), item.second(), item.calculator(), item.given());
        assertEquals(frozen.freeze(item), frozen.freeze(same));
        assertNotEquals(
                frozen.freeze(item),
                frozen.freeze(new Catalogue().require("mean").make(1, 7)));
        assertEquals(same, frozen.thaw(frozen.freeze(item), other));
    }

    @Test
    void itemsOfADatabaseThatIsOlderAreKeptAtTheNextStart() {
        String path = practice();
        String id = itemId(path);
        Item before = items.require(student, id).item();
        database.update("update served_item set content_id = null, version = 0 where id = ?", id);
        old.run(null);
        assertEquals(before.stem(), items.require(student, id).item().stem());
        assertTrue(items.example(items.require(student, id)).isPresent(), "an example may have been open");
    }

    /** The next start must not fail for an item of a variant that is no longer made. */
    @Test
    void anOldItemOfAVariantThatIsGoneBecomesOneOfThoseThatThereAre() {
        String path = practice();
        String id = itemId(path);
        database.update("update served_item set content_id = null, version = 0, variant = 'gone' where id = ?", id);
        old.run(null);
        Item now = items.require(student, id).item();
        assertFalse(now.stem().isEmpty());
        assertEquals(200, client.get(path).status());
    }
}
