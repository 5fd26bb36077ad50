package littlesummit.core;

import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;
import littlesummit.core.grading.planted.KnowsItems;
import littlesummit.core.math.planted.KnowsGrading;
import littlesummit.core.planted.Violations;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each rule of the architecture finds a violation that was planted for it. */
class ArchitectureRulesTest {
    static Stream<Arguments> planted() {
        return Stream.of(
                Arguments.of(Violations.UsesLibrary.class, ArchitectureTest.CORE_DEPENDS_ON_THE_JDK_ALONE),
                Arguments.of(Violations.ReadsFile.class, ArchitectureTest.CORE_READS_NO_FILE_AND_NO_NETWORK),
                Arguments.of(Violations.AsksClock.class, ArchitectureTest.CORE_ASKS_NO_CLOCK),
                Arguments.of(Violations.FindsTime.class, ArchitectureTest.CORE_IS_TOLD_THE_TIME),
                Arguments.of(Violations.Measures.class, ArchitectureTest.CORE_IS_TOLD_THE_TIME),
                Arguments.of(KnowsGrading.class, ArchitectureTest.MATH_KNOWS_NOTHING_OF_GRADING),
                Arguments.of(KnowsItems.class, ArchitectureTest.GRADING_KNOWS_NOTHING_OF_ITEMS));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("planted")
    void findsIt(Class<?> violation, ArchRule rule) {
        assertTrue(
                rule.evaluate(new ClassFileImporter().importClasses(violation)).hasViolation(), rule.getDescription());
    }
}
