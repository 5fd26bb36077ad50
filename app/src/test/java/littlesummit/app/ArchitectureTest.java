package littlesummit.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
}
