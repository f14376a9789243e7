package io.answerback.benchmarks;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Every value that occurs in some records, by its class: what an edit is given is mostly something the job has.
final class ValuePool {
    private static final int DEEPEST = 12;

    private final Map<Class<?>, List<Object>> byClass = new HashMap<>();
    private final Map<Object, Boolean> seen = new IdentityHashMap<>();

    /// The values in an object: the parts of records, the things in collections.
    ValuePool add(Object value) {
        walk(value, 0);
        return this;
    }

    /// The values of a class that were found; empty when there are none.
    List<Object> of(Class<?> type) {
        return byClass.getOrDefault(type, List.of());
    }

    private void walk(Object value, int depth) {
        if (value == null || depth > DEEPEST || seen.put(value, true) != null) {
            return;
        }
        switch (value) {
            case Optional<?> optional -> optional.ifPresent(its -> walk(its, depth + 1));
            case Map<?, ?> map -> {
                map.keySet().forEach(key -> walk(key, depth + 1));
                map.values().forEach(its -> walk(its, depth + 1));
            }
            case Collection<?> all -> all.forEach(its -> walk(its, depth + 1));
            default -> {
                byClass.computeIfAbsent(value.getClass(), key -> new ArrayList<>())
                        .add(value);
                if (value.getClass().isRecord()) {
                    for (RecordComponent component : value.getClass().getRecordComponents()) {
                        walk(read(component, value), depth + 1);
                    }
                }
            }
        }
    }

    private static Object read(RecordComponent component, Object record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException hidden) {
            return null;
        }
    }

    /// The classes of which something was found.
    Set<Class<?>> classes() {
        return byClass.keySet();
    }
}
