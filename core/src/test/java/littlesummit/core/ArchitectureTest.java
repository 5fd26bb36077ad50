package littlesummit.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** What may know what in core. {@link ArchitectureRulesTest} plants a violation of each rule and sees it found. */
@AnalyzeClasses(packages = "littlesummit.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_DEPENDS_ON_THE_JDK_ALONE = classes()
            .that()
            .resideInAPackage("littlesummit.core..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("littlesummit.core..", "java..");

    @ArchTest
    static final ArchRule CORE_READS_NO_FILE_AND_NO_NETWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio.file..", "java.net..", "java.sql..");

    @ArchTest
    static final ArchRule CORE_ASKS_NO_CLOCK =
            noClasses().should().dependOnClassesThat().haveFullyQualifiedName("java.time.Clock");

    @ArchTest
    static final ArchRule CORE_IS_TOLD_THE_TIME = noClasses()
            .should()
            .callMethodWhere(target(owner(nameMatching("java\\.time\\..*"))).and(target(name("now"))))
            .orShould()
            .callMethodWhere(
                    target(owner(name("java.lang.System"))).and(target(nameMatching("currentTimeMillis|nanoTime"))));

    @ArchTest
    static final ArchRule MATH_KNOWS_NOTHING_OF_GRADING = noClasses()
            .that()
            .resideInAPackage("..math..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..grading..", "..item..", "..skill..", "..practice..");

    @ArchTest
    static final ArchRule GRADING_KNOWS_NOTHING_OF_ITEMS = noClasses()
            .that()
            .resideInAPackage("..grading..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..item..", "..skill..", "..practice..");
}
