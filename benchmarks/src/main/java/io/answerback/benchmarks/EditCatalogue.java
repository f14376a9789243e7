package io.answerback.benchmarks;

import io.answerback.core.model.site.Edit;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Every edit there is, found in the compiled classes of core: each public static method that gives an [Edit].
/// A new edit is among them at once.
final class EditCatalogue {
    private EditCatalogue() {}

    /// The methods that give an edit, in an order that is always the same.
    static List<Method> methods() throws IOException {
        List<Method> found = new ArrayList<>();
        for (Class<?> its : CoreClasses.of(name -> name.endsWith("Edits") || name.endsWith("Remedies"))) {
            for (Method method : its.getMethods()) {
                if (Modifier.isStatic(method.getModifiers()) && method.getReturnType() == Edit.class) {
                    found.add(method);
                }
            }
        }
        found.sort(Comparator.comparing(Method::toGenericString));
        return found;
    }
}
