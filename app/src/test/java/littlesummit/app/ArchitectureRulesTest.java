package littlesummit.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;
import littlesummit.app.planted.PlantedEntity;
import littlesummit.app.planted.PlantedView;
import littlesummit.app.plantedtoo.KnowsPlanted;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each rule of the architecture finds a violation that was planted for it. */
class ArchitectureRulesTest {
    static Stream<Arguments> planted() {
        return Stream.of(
                Arguments.of(ArchitectureTest.FEATURES_FORM_NO_CYCLE),
                Arguments.of(ArchitectureTest.ENTITIES_AND_REPOSITORIES_STAY_IN_THEIR_FEATURE),
                Arguments.of(ArchitectureTest.NOTHING_OF_CORE_IS_A_SHAPE_OUTSIDE));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("planted")
    void findsIt(ArchRule rule) {
        assertTrue(
                rule.evaluate(new ClassFileImporter()
                                .importClasses(
                                        PlantedEntity.class,
                                        KnowsPlanted.class,
                                        PlantedView.class,
                                        PlantedView.Row.class))
                        .hasViolation(),
                rule.getDescription());
    }
}
