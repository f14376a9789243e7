package io.answerback.benchmarks;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.wiring.cores.CorePlan;
import java.io.IOException;
import java.lang.reflect.Field;
import java.util.LinkedHashMap;
import java.util.Map;

/// Every fact of a job that anybody may ask for, found in the compiled classes of core. A new one is among them
/// at once.
final class FactCatalogue {
    private FactCatalogue() {}

    /// The facts, by the class and field that declare them.
    static Map<String, Fact<?>> facts() throws IOException {
        Map<String, Fact<?>> found = new LinkedHashMap<>();
        for (Class<?> its : CoreClasses.of(name -> true)) {
            for (Field field : its.getFields()) {
                if (field.getType() == Fact.class) {
                    found.put(its.getSimpleName() + "." + field.getName(), value(field));
                }
            }
        }
        return found;
    }

    /// What is compared of a value: of a plan of cores, which looks further things up when asked, its boxes.
    static Object compared(Object value) {
        return value instanceof CorePlan plan ? plan.boxes() : value;
    }

    private static Fact<?> value(Field field) {
        try {
            return (Fact<?>) field.get(null);
        } catch (IllegalAccessException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
