package littlesummit.app.people;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import littlesummit.app.web.Problem;

/** What may be a password: long enough, and none of the first million that somebody would guess. */
final class GoodPassword {
    static final int SHORTEST = 8;
    /** Eight tries in five minutes are far from this in a school year. */
    private static final double FEWEST_GUESSES = 1e6;
    /** The guesser takes longer and longer for what is longer, and nobody guesses so far. */
    private static final int MOST_LOOKED_AT = 64;

    private static final Zxcvbn GUESSER = new Zxcvbn();

    private GoodPassword() {}

    /**
     * @param own words that belong to the person, such as the name to sign in with: a guesser has them too
     * @throws Problem with a sentence for who chooses, when it is too short or easily guessed
     */
    static void require(String password, List<String> own) {
        if (password.length() < SHORTEST || own.stream().anyMatch(password::equalsIgnoreCase)) {
            throw Problem.badRequest("Choose at least " + SHORTEST + " characters, and not your name.");
        }
        if (GUESSER.measure(password.substring(0, Math.min(password.length(), MOST_LOOKED_AT)), own)
                        .getGuesses()
                < FEWEST_GUESSES) {
            throw Problem.badRequest(
                    "Somebody would guess this one soon. Three words that have nothing to do with each other make a"
                            + " good one.");
        }
    }
}
