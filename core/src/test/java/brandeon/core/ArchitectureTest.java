package brandeon.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import brandeon.core.theme.Edit;
import brandeon.core.theme.Theme;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.net.URLDecoder;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("brandeon.core");

    @Test
    void theBasicsKnowNothingOfThemes() {
        noClasses()
                .that()
                .resideInAnyPackage("..core.colour..", "..core.canvas..", "..core.text..", "..core.motion..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "..core.theme..", "..core.layout..", "..core.live..", "..core.publish..", "..core.move..")
                .check(CORE);
    }

    @Test
    void artKnowsNothingOfThemes() {
        noClasses()
                .that()
                .resideInAPackage("..core.art..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..core.theme..", "..core.layout..", "..core.live..")
                .check(CORE);
    }

    /** How letters are written in an address is no network. */
    @Test
    void theCoreHasNoFrameworkNoDiskAndNoNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat(JavaClass.Predicates.resideInAnyPackage(
                                "org.springframework..", "jakarta..", "java.sql..", "java.net..", "java.nio.file..")
                        .and(DescribedPredicate.not(JavaClass.Predicates.equivalentTo(URLDecoder.class))))
                .check(CORE);
    }

    @Test
    void theCoreHasNoClock() {
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(java.time.Instant.class, "now")
                .check(CORE);
    }

    /** What an edit makes of a theme is checked in one place, which nobody may go past. */
    @Test
    void themesAreChangedByEditsAlone() {
        noClasses()
                .that()
                .resideOutsideOfPackage("..core.theme..")
                .should()
                .callMethod(Edit.class, "applied", Theme.class)
                .check(CORE);
    }

    @Test
    void noPackagesDependOnEachOtherInCircles() {
        slices().matching("brandeon.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
