package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** When the launcher builds: over files that look like a project, with a JDK and a Maven that only say that they were called. */
class LauncherBuildTest {
    private static final List<String> MODULES = List.of("core", "files", "instruments", "app");
    private static final FileTime WRITTEN = FileTime.from(1_000_000, TimeUnit.SECONDS);
    private static final FileTime BUILT = FileTime.from(1_000_100, TimeUnit.SECONDS);
    private static final FileTime LATER = FileTime.from(1_000_200, TimeUnit.SECONDS);

    @TempDir
    private Path folder;
    private Path project;

    @BeforeEach
    void aProjectThatIsBuilt() throws IOException {
        assumeThat(Files.isExecutable(Path.of("/bin/bash"))).isTrue();
        project = folder.resolve("project");
        Path launcher = Path.of("").toAbsolutePath().getParent().resolve("wegweiser");
        Files.createDirectories(project);
        Files.copy(launcher, project.resolve("wegweiser"), StandardCopyOption.COPY_ATTRIBUTES);
        write("pom.xml", "", WRITTEN);
        for (String module : MODULES) {
            write(module + "/pom.xml", "", WRITTEN);
            write(module + "/src/main/Source", "", WRITTEN);
            Files.setLastModifiedTime(project.resolve(module).resolve("src/main"), WRITTEN);
            if (!module.equals("app")) {
                write(module + "/target/wegweiser-" + module + "-0.1.0.jar", module, BUILT);
                write("app/target/libraries/wegweiser-" + module + ".jar", module, BUILT);
            }
        }
        write("app/target/wegweiser.jar", "app", BUILT);
        write("app/target/libraries/.complete", "", BUILT);
        script("jdk/bin/java", "echo java \"$@\" >> \"" + folder.resolve("called") + "\"");
        script("jdk/bin/javac", "");
        script("bin/mvn", "echo mvn >> \"" + folder.resolve("called") + "\"");
        Files.writeString(folder.resolve("jdk/release"), "JAVA_VERSION=\"25\"\n");
    }

    private void write(String name, String text, FileTime when) throws IOException {
        Path file = project.resolve(name);
        Files.createDirectories(file.getParent());
        Files.writeString(file, text);
        Files.setLastModifiedTime(file, when);
    }

    private void script(String name, String line) throws IOException {
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        Files.writeString(file, "#!/bin/bash\n" + line + "\n");
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }

    /** Whether Maven was called when a command was started; the command itself is called in any case. */
    private boolean isBuilding() throws Exception {
        Files.deleteIfExists(folder.resolve("called"));
        ProcessBuilder builder = new ProcessBuilder("/bin/bash", project.resolve("wegweiser").toString(),
                "check",
                "x").redirectErrorStream(true).redirectOutput(folder.resolve("said").toFile());
        builder.environment().putAll(Map.of("JAVA_HOME", folder.resolve("jdk").toString(), "PATH",
                folder.resolve("bin") + ":" + builder.environment().get("PATH")));
        builder.environment().remove("WEGWEISER_AS_BUILT");
        assertThat(builder.start().waitFor()).as(Files.readString(folder.resolve("said"))).isZero();
        List<String> called = Files.readAllLines(folder.resolve("called"));
        assertThat(called.getLast()).startsWith("java ").endsWith("wegweiser.app.Main check x");
        return called.contains("mvn");
    }

    @Test
    void whatIsBuiltIsNotBuiltAgain() throws Exception {
        assertThat(isBuilding()).isFalse();
        assertThat(isBuilding()).as("nor the next time").isFalse();
    }

    @Test
    void whereThereIsNothingItIsBuilt() throws Exception {
        Files.delete(project.resolve("app/target/wegweiser.jar"));
        assertThat(isBuilding()).isTrue();
    }

    @Test
    void aSourceThatIsNewerIsBuilt() throws Exception {
        for (String module : MODULES) {
            Path source = project.resolve(module).resolve("src/main/Source");
            Files.setLastModifiedTime(source, LATER);
            assertThat(isBuilding()).as(module).isTrue();
            Files.deleteIfExists(project.resolve("app/target/.built"));
            Files.setLastModifiedTime(source, WRITTEN);
        }
        assertThat(isBuilding()).isFalse();
    }

    @Test
    void aSourceThatWasRemovedIsBuiltWithout() throws Exception {
        Files.delete(project.resolve("core/src/main/Source"));
        assertThat(isBuilding()).isTrue();
    }

    @Test
    void aJarThatWasBuiltAndNotTakenOverIsNotEnough() throws Exception {
        write("files/target/wegweiser-files-0.1.0.jar", "files, newer", BUILT);
        assertThat(isBuilding()).isTrue();
    }

    @Test
    void librariesThatWereCopiedInPartAreNotEnough() throws Exception {
        write("app/target/wegweiser.jar", "app, newer", LATER);
        assertThat(isBuilding()).isTrue();
    }
}
