package io.answerback.benchmarks;

import io.answerback.core.model.site.Edit;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// The compiled classes of core, wherever they are.
final class CoreClasses {
    private static final String CORE = "io/answerback/core";
    private static final String CLASS = ".class";

    private CoreClasses() {}

    /// The classes whose full name is wanted, by name.
    static List<Class<?>> of(Predicate<String> wanted) throws IOException {
        List<Class<?>> classes = new ArrayList<>();
        for (String name : names(wanted)) {
            classes.add(load(name));
        }
        return classes;
    }

    private static Class<?> load(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static List<String> names(Predicate<String> wanted) throws IOException {
        Path place;
        try {
            place = Path.of(Edit.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
        } catch (URISyntaxException impossible) {
            throw new IllegalStateException(impossible);
        }
        if (Files.isDirectory(place)) {
            return names(place, wanted);
        }
        try (FileSystem jar = FileSystems.newFileSystem(URI.create("jar:" + place.toUri()), Map.of())) {
            return names(jar.getPath("/"), wanted);
        }
    }

    private static List<String> names(Path root, Predicate<String> wanted) throws IOException {
        try (Stream<Path> files = Files.walk(root.resolve(CORE))) {
            return files.map(file -> root.relativize(file).toString().replace('\\', '/'))
                    .filter(file -> file.endsWith(CLASS))
                    .map(file ->
                            file.substring(0, file.length() - CLASS.length()).replace('/', '.'))
                    .filter(wanted)
                    .sorted()
                    .toList();
        }
    }
}
