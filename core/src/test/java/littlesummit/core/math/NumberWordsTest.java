package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.ibm.icu.text.RuleBasedNumberFormat;
import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Against the spelling rules for English of the Unicode Common Locale Data Repository, as ICU reads them. */
class NumberWordsTest {
    private final RuleBasedNumberFormat cldr = new RuleBasedNumberFormat(Locale.US, RuleBasedNumberFormat.SPELLOUT);

    private void agrees(long n) {
        assertEquals(Optional.of(cldr.format(n)), NumberWords.of(BigInteger.valueOf(n)));
    }

    @Test
    void smallOnesAgreeWithTheLocaleData() {
        LongStream.rangeClosed(0, 2_100).forEach(this::agrees);
    }

    @Test
    void largeOnesAgreeWithTheLocaleData() {
        new Random(7).longs(5_000, 0, 1_000_000_000).forEach(this::agrees);
    }

    @ParameterizedTest
    @ValueSource(longs = {100_000, 100_001, 900_017, 1_000_000, 1_000_001, 20_000_300, 999_999_999})
    void roundOnesAgreeToo(long n) {
        agrees(n);
    }

    @ParameterizedTest
    @ValueSource(longs = {-1, 1_000_000_000})
    void beyondThatThereAreNoWords(long n) {
        assertEquals(Optional.empty(), NumberWords.of(BigInteger.valueOf(n)));
    }
}
