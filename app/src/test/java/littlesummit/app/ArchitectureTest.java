package littlesummit.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;

@AnalyzeClasses(packages = "littlesummit.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule FEATURES_FORM_NO_CYCLE =
            slices().matching("littlesummit.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ENTITIES_AND_REPOSITORIES_STAY_IN_THEIR_FEATURE = classes()
            .that()
            .haveSimpleNameEndingWith("Entity")
            .or()
            .haveSimpleNameEndingWith("Repository")
            .or()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .bePackagePrivate();

    /** Something that is sent, or kept as text, by the names of its components. */
    private static final DescribedPredicate<JavaClass> GOES_OUT = DescribedPredicate.describe(
            "records that go out or are kept as text",
            c -> c.isRecord() && c.getName().matches(".*(Dto|View|Controller)(\\$.*)?"));

    private static final ArchCondition<JavaClass> HOLD_NOTHING_OF_CORE =
            new ArchCondition<>("hold nothing of core, whose names may change") {
                @Override
                public void check(JavaClass record, ConditionEvents events) {
                    record.getFields().stream()
                            .filter(f -> f.getType().getAllInvolvedRawTypes().stream()
                                    .anyMatch(t -> t.getPackageName().startsWith("littlesummit.core")))
                            .forEach(f -> events.add(SimpleConditionEvent.violated(f, f.getDescription())));
                }
            };

    @ArchTest
    static final ArchRule NOTHING_OF_CORE_IS_A_SHAPE_OUTSIDE =
            classes().that(GOES_OUT).should(HOLD_NOTHING_OF_CORE);
}
