package io.answerback.benchmarks;

import io.answerback.core.site.Edit;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/// Every edit there is, found in the compiled classes of core: each public static method that gives an [Edit].
/// A new edit is among them at once.
final class EditCatalogue {
    private static final String CORE = "io/answerback/core";

    private EditCatalogue() {}

    /// The methods that give an edit, in an order that is always the same.
    static List<Method> methods() throws IOException {
        List<Method> found = new ArrayList<>();
        for (String name : classNames()) {
            for (Method method : load(name).getMethods()) {
                if (Modifier.isStatic(method.getModifiers()) && method.getReturnType() == Edit.class) {
                    found.add(method);
                }
            }
        }
        found.sort(Comparator.comparing(Method::toGenericString));
        return found;
    }

    private static Class<?> load(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static List<String> classNames() throws IOException {
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
            return names(place);
        }
        try (FileSystem jar = FileSystems.newFileSystem(URI.create("jar:" + place.toUri()), Map.of())) {
            return names(jar.getPath("/"));
        }
    }

    private static List<String> names(Path root) throws IOException {
        try (Stream<Path> files = Files.walk(root.resolve(CORE))) {
            return files.map(file -> root.relativize(file).toString().replace('\\', '/'))
                    .filter(file -> file.endsWith("Edits.class") || file.endsWith("Remedies.class"))
                    .map(file ->
                            file.substring(0, file.length() - ".class".length()).replace('/', '.'))
                    .toList();
        }
    }
}
