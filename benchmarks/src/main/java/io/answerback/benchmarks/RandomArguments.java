package io.answerback.benchmarks;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;

/// Draws values of any type an edit asks for: something the job has, something made anew, or something the job
/// has with one of its parts changed.
final class RandomArguments {
    private static final int LARGEST_NUMBER = 24;
    private static final int DEEPEST = 4;
    private static final List<String> WORDS = List.of("", "North door", "1234", "AB12", "2k2", "J-1", "because", "77");

    private final Random random;
    private final ValuePool pool;
    private final List<String> ids;

    /// @param ids what the parts of the job are known by: half of all words are one of these
    RandomArguments(Random random, ValuePool pool, List<String> ids) {
        this.random = random;
        this.pool = pool;
        this.ids = ids;
    }

    /// No value of a type can be drawn.
    static final class NotDrawn extends RuntimeException {
        NotDrawn(Type type) {
            super("no value of " + type, null, false, false);
        }
    }

    /// A value of a type.
    ///
    /// @throws NotDrawn when none can be drawn
    Object draw(Type type) {
        return draw(type, 0);
    }

    private Object draw(Type type, int depth) {
        if (type instanceof ParameterizedType generic) {
            return drawGeneric(generic, depth);
        }
        Class<?> plain = (Class<?>) type;
        if (plain == int.class || plain == Integer.class) {
            return random.nextBoolean()
                    ? drawOr(Integer.class, random.nextInt(LARGEST_NUMBER))
                    : random.nextInt(LARGEST_NUMBER);
        }
        if (plain == double.class || plain == Double.class) {
            return random.nextBoolean() ? drawOr(Double.class, 1.0) : random.nextInt(4000) / 8.0;
        }
        if (plain == boolean.class || plain == Boolean.class) {
            return random.nextBoolean();
        }
        if (plain == String.class) {
            return word();
        }
        if (plain == Instant.class) {
            return Instant.EPOCH.plusSeconds(random.nextInt(2_000_000_000));
        }
        if (plain == LocalDate.class) {
            return LocalDate.of(2020, 1, 1).plusDays(random.nextInt(3000));
        }
        if (plain.isEnum()) {
            return plain.getEnumConstants()[random.nextInt(plain.getEnumConstants().length)];
        }
        return drawObject(plain, depth);
    }

    private Object word() {
        if (random.nextInt(3) > 0) {
            return ids.get(random.nextInt(ids.size()));
        }
        return random.nextBoolean() ? WORDS.get(random.nextInt(WORDS.size())) : drawOr(String.class, "x");
    }

    private Object drawOr(Class<?> type, Object otherwise) {
        List<Object> known = pool.of(type);
        return known.isEmpty() ? otherwise : known.get(random.nextInt(known.size()));
    }

    private Object drawGeneric(ParameterizedType generic, int depth) {
        Class<?> raw = (Class<?>) generic.getRawType();
        Type its = generic.getActualTypeArguments()[0];
        if (raw == Optional.class) {
            return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(draw(its, depth));
        }
        if (raw == UnaryOperator.class) {
            return change((Class<?>) its);
        }
        if (Collection.class.isAssignableFrom(raw)) {
            List<Object> some = new ArrayList<>();
            for (int count = random.nextInt(3) + (random.nextInt(8) == 0 ? 0 : 1); count > 0; count--) {
                some.add(draw(its, depth + 1));
            }
            return raw == Set.class ? Set.copyOf(some) : List.copyOf(some);
        }
        throw new NotDrawn(generic);
    }

    private Object drawObject(Class<?> type, int depth) {
        if (type.isSealed()) {
            Class<?>[] permitted = type.getPermittedSubclasses();
            return draw(permitted[random.nextInt(permitted.length)], depth);
        }
        List<Object> known = pool.of(type);
        int choice = random.nextInt(4);
        if (!known.isEmpty() && (choice > 1 || !type.isRecord())) {
            return known.get(random.nextInt(known.size()));
        }
        if (type.isRecord() && !known.isEmpty() && choice == 1) {
            return changed(known.get(random.nextInt(known.size())), depth);
        }
        if (type.isRecord() && depth < DEEPEST) {
            return made(
                    type,
                    Arrays.stream(type.getRecordComponents())
                            .map(component -> draw(component.getGenericType(), depth + 1))
                            .toArray());
        }
        throw new NotDrawn(type);
    }

    /// A record with one of its parts drawn anew.
    private Object changed(Object record, int depth) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        int which = random.nextInt(components.length);
        return with(record, which, draw(components[which].getGenericType(), depth + 1));
    }

    /// A change of a record that is the same for every record it is applied to.
    private UnaryOperator<Object> change(Class<?> type) {
        if (!type.isRecord()) {
            throw new NotDrawn(type);
        }
        RecordComponent[] components = type.getRecordComponents();
        int which = random.nextInt(components.length);
        Object value = draw(components[which].getGenericType(), 1);
        return record -> with(record, which, value);
    }

    private static Object with(Object record, int which, Object value) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Object[] parts = new Object[components.length];
        for (int i = 0; i < parts.length; i++) {
            try {
                parts[i] = i == which ? value : components[i].getAccessor().invoke(record);
            } catch (IllegalAccessException | InvocationTargetException hidden) {
                throw new NotDrawn(record.getClass());
            }
        }
        return made(record.getClass(), parts);
    }

    private static Object made(Class<?> type, Object[] parts) {
        Class<?>[] types = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
        try {
            Constructor<?> constructor = type.getDeclaredConstructor(types);
            constructor.setAccessible(true);
            return constructor.newInstance(parts);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof IllegalArgumentException illegal) {
                throw illegal;
            }
            throw new NotDrawn(type);
        } catch (ReflectiveOperationException hidden) {
            throw new NotDrawn(type);
        }
    }
}
