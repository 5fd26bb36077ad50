package littlesummit.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "littlesummit.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_DEPENDS_ON_THE_JDK_ALONE = classes().should().onlyDependOnClassesThat()
            .resideInAnyPackage("littlesummit.core..", "java..");

    @ArchTest
    static final ArchRule CORE_READS_NO_CLOCK_AND_NO_FILE = noClasses().should().dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio.file..", "java.time.chrono..")
            .andShould().dependOnClassesThat().haveSimpleName("Clock");

    @ArchTest
    static final ArchRule MATH_KNOWS_NOTHING_OF_GRADING = noClasses().that().resideInAPackage("..math..").should()
            .dependOnClassesThat().resideInAnyPackage("..grading..", "..item..", "..skill..", "..practice..");

    @ArchTest
    static final ArchRule GRADING_KNOWS_NOTHING_OF_ITEMS = noClasses().that().resideInAPackage("..grading..").should()
            .dependOnClassesThat().resideInAnyPackage("..item..", "..skill..", "..practice..");
}
