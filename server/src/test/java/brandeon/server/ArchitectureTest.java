package brandeon.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    /** Without what Spring writes while building, whose names have two low lines or dollars in them. */
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("__") && !location.contains("$$"))
            .importPackages("brandeon");

    private static final JavaClasses SERVER = ALL.that(JavaClass.Predicates.resideInAPackage("brandeon.server.."));

    @Test
    void noPackagesDependOnEachOtherInCircles() {
        slices().matching("brandeon.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    /**
     * In core and server. Under another locale numbers get decimal commas and letters other cases, in places that a
     * machine reads.
     */
    @Test
    void nothingIsFormattedWithoutALocale() {
        noClasses()
                .should()
                .callMethod(String.class, "formatted", Object[].class)
                .orShould()
                .callMethod(String.class, "format", String.class, Object[].class)
                .orShould()
                .callMethod(String.class, "toLowerCase")
                .orShould()
                .callMethod(String.class, "toUpperCase")
                .orShould()
                .callConstructor(java.text.DecimalFormat.class, String.class)
                .check(ALL);
    }

    /** What is stored goes through Hibernate; docs/architecture.md says why these do not. */
    @Test
    void plainSqlStandsOnlyWhereItsReasonDoes() {
        noClasses()
                .that()
                .doNotHaveSimpleName("Wakes")
                .and()
                .doNotHaveSimpleName("FileSweep")
                .and()
                .doNotHaveSimpleName("SignalBatch")
                .and()
                .doNotHaveSimpleName("DataLineBatch")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.springframework.jdbc.core..")
                .check(SERVER);
        noClasses()
                .that()
                .doNotHaveSimpleName("Wakes")
                .and()
                .doNotHaveSimpleName("JsonColumn")
                .and()
                .doNotHaveSimpleName("SignalBatch")
                .and()
                .doNotHaveSimpleName("DataLineBatch")
                .and()
                .haveNameNotMatching(".*(V\\d+__|Upgrade).*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.sql..")
                .check(SERVER);
    }
}
