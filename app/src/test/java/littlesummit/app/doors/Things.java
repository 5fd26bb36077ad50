package littlesummit.app.doors;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import littlesummit.app.Client;
import littlesummit.app.people.Person;

/** What one student of a class has made: something behind every address. Named as in the table of doors. */
record Things(Map<String, String> ids) {
    /** A photo, lines handed in, a question, a round that is running and one that is done, a sheet. */
    static Things of(Client owner, Client instructor, String practice, String quiz, Person student, byte[] picture) {
        Map<String, String> ids = new HashMap<>();
        JsonNode view = owner.get(practice).body();
        String item = view.at("/item/id").textValue();
        ids.put("item", item);
        ids.put("practice", practice.substring("/api/practice/".length()));
        ids.put("assignment", practice.split("/")[3]);
        ids.put("student", student.id());
        ids.put("class", student.classId());
        ids.put("quiz", quiz);
        owner.put("/api/items/" + item + "/work", "{\"lines\":[{\"text\":\"4.7 x 1000 = 4700\",\"struck\":false}]}");
        ids.put(
                "photo",
                owner.upload("/api/items/" + item + "/photos", picture)
                        .body()
                        .at("/photos/0/id")
                        .textValue());
        owner.post("/api/items/" + item + "/work/hand-in", "{}");
        ids.put(
                "question",
                owner.post("/api/questions", "{\"itemId\":\"" + item + "\",\"question\":\"Why?\"}")
                        .body()
                        .at("/id")
                        .textValue());
        owner.post("/api/quiz/" + quiz + "/start", "{}");
        owner.post("/api/quiz/" + quiz + "/submit", "{\"round\":1}");
        owner.post(
                "/api/quiz/" + quiz + "/rounds/1/corrections/0",
                "{\"note\":\"I count the places the point moves to the left.\"}");
        ids.put(
                "inQuiz",
                owner.post("/api/quiz/" + quiz + "/start", "{}")
                        .body()
                        .at("/running/items/0/item/id")
                        .textValue());
        owner.post("/api/check/start", "{\"wholeCourse\":true}");
        ids.put("asked", owner.get("/api/check").body().at("/running/item/id").textValue());
        ids.put(
                "comment",
                instructor
                        .post("/api/handed-in/comments", "{\"text\":\"Well said.\"}")
                        .body()
                        .at("/comments/0/id")
                        .textValue());
        ids.put(
                "colleague",
                instructor
                        .post(
                                "/api/classes/colleagues",
                                "{\"name\":\"Uma Fell\",\"username\":\"uma-" + item.substring(0, 8) + "\"}")
                        .body()
                        .at("/id")
                        .asText());
        ids.put(
                "draft",
                instructor.post("/api/workbench", "{}").body().at("/id").asText());
        sheet(owner, ids);
        return new Things(ids);
    }

    /** A sheet of the student's own, tried and with its solutions open. */
    private static void sheet(Client owner, Map<String, String> ids) {
        JsonNode sheet = owner.post(
                        "/api/paper",
                        "{\"title\":\"Own\",\"shares\":[{\"skillId\":\"mean\",\"items\":1,\"level\":1}],\"style\":"
                                + "{\"size\":\"A4\",\"room\":\"LINES\",\"large\":false,\"twoColumns\":false},"
                                + "\"each\":false}")
                .body();
        String copy = sheet.at("/copies/0/code").asText();
        ids.put("sheet", sheet.at("/id").asText());
        ids.put("copy", copy);
        owner.put("/api/paper/copies/" + copy + "/places/0/on-paper", "{\"done\":true}");
        owner.put("/api/paper/copies/" + copy + "/solutions", "{}");
        owner.put("/api/paper/copies/" + copy + "/marks", "{\"total\":1}");
    }

    /** An address or a body of the table with the ids in their places. */
    String in(String text) {
        String filled = text;
        for (Map.Entry<String, String> id : ids.entrySet()) {
            filled = filled.replace("{" + id.getKey() + "}", String.valueOf(id.getValue()));
        }
        return filled;
    }
}
