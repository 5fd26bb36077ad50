package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.core.template.Complaint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A document that is refused says where, and what was expected. */
class TemplateReadingTest {
    @Test
    void theSampleIsUnderstood() {
        assertEquals(List.of(), Sample.complaints(Sample.TEXT));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            quoteCharacter = '`',
            value = {
                "n != size #n != sise #variants[1].where[1] #nothing is called “sise” here",
                "n: 3..9 #n: three #variants[1].draw.n #says no numbers to draw from",
                "n: 3..9 #n: a word from clouds #variants[1].draw.n #There are: durables, goods, people, provisions,"
                        + " things, wares",
                "n: 3..9 #gcd: 3..9 #variants[1].draw.gcd #has a meaning of its own",
                "n: 3..9 #N: 3..9 #variants[1].draw.N #is no name",
                "all: n * size #size: n * 2 #variants[1].let.size #There is a “size” already",
                "tiers: [1] #tiers: [4] #variants[1].tiers[1] #Tiers go from 1 to 3",
                "tiers: [3] #tiers: [2] ##There is no variant for tier 3",
                "id: left #id: filled #variants[2] #There is a variant “filled” already",
                "id: filled #id: Filled #variants[1].id #small letters, digits and hyphens",
                "kind: number #kind: nmber #variants[1].parts[1].field.kind #There are: number, expression",
                "form: integer #form: whole #variants[1].parts[1].field.form #There is no form called “whole”",
                "form: integer #form: numeral #variants[1].parts[1].field #what form is wanted",
                "answer: all} #answr: all} #variants[1].parts[1].field #“answer” is missing here",
                "label: Litres, #lable: Litres, #variants[1].parts[1].field #“label” is missing here",
                "slip: added #slp: added #variants[1].parts[1].mistakes[1] #“slip” is missing here",
                "hints: [\"How much is in one can?\", #hints: [ #variants[1].parts[1].hints #Here are 2",
                "math: n * size} #maths: n * size} #variants[1].worked[1].maths #Is “math” meant?",
                "skill: goat-milk #skill: Goat Milk #skill #is no id",
                "version: 1 #version: one #version #A whole number is expected here",
                "tier 2: What is left over. #tier 4: What #asks #“tier 2” is missing here",
                "All of them are full. #All {of} them. #variants[1].stem[1] #nothing is called “of” here",
                "kind: number, form: integer, answer: all} #kind: choice, options: [{text: a, right: yes}]}"
                        + " #variants[1].parts[1].mistakes[1] #each wrong option",
                "kind: number, form: integer, answer: all} #kind: order, options: [{text: a, by: 1}, {text: b, by: 2}]}"
                        + " #variants[1].parts[1].field #From 3 to 6 things are put in order",
                "kind: number, form: integer, answer: all} #kind: order, options: [{text: a, by: 1}, {text: b, by: 2},"
                        + " {by: 3}]} #variants[1].parts[1].field.options[3] #has a text or a figure",
                "where: [\"n != size\"] #where: [\"n + size\"] #variants[1].where[1] #should be a condition",
            })
    void aComplaintNamesThePlace(String old, String changed, String place, String sentence) {
        List<Complaint> complaints = Sample.complaints(Sample.with(old.strip(), changed.strip()));
        assertTrue(!complaints.isEmpty(), "nothing is complained of");
        Complaint first = complaints.getFirst();
        assertTrue(place == null || first.at().path().equals(place.strip()), first + " is not at " + place);
        assertTrue(first.sentence().contains(sentence.strip()), first.toString());
    }

    @Test
    void everyVariantIsReadThoughAnotherIsWrong() {
        String text = Sample.with("n != size", "n != sise").replace("left < size", "left < sise");
        List<Complaint> complaints = Sample.complaints(text);
        assertEquals(3, complaints.size(), complaints.toString());
        assertTrue(complaints.get(0).at().line() < complaints.get(1).at().line());
    }

    @Test
    void theLineIsThatOfTheDocument() {
        String text = Sample.with("slip: added", "slp: added");
        int line = text.substring(0, text.indexOf("slp: added")).split("\n").length;
        assertEquals(line, Sample.complaints(text).getFirst().at().line());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "skill: [a #This is no YAML",
                "'' #The document is empty",
                "just words #A template is written as keys",
                "'skill: a\nskill: b' #a second time",
                "'skill:\nname: a' #is no id",
                "'skill: a\n---\nskill: b' #Another document begins here",
            })
    void whatIsNoDocumentIsRefusedInASentence(String text, String sentence) {
        Complaint first = Sample.complaints(text).getFirst();
        assertTrue(first.sentence().contains(sentence), first.toString());
    }

    @Test
    void jsonIsReadAsWell() {
        String json = """
            {"skill": "a", "name": "A", "asks": {"tier 1": "a", "tier 2": "b", "tier 3": "c"}, "variants": [
              {"id": "v", "tiers": [1, 2, 3], "draw": {"n": {"tier 1": "1..9", "tier 2": "10..19", "tier 3": "20..99"}},
               "stem": ["Look at {n}."], "parts": [{"ask": "What?", "hints": ["a", "b", "c"],
               "field": {"id": "f", "label": "N", "kind": "number", "answer": "n + 1"}}]}]}
            """;
        assertTrue(Sample.skill(json)
                        .make(3, 1)
                        .parts()
                        .getFirst()
                        .fields()
                        .getFirst()
                        .answer()
                        .key()
                        .length()
                >= 2);
    }
}
