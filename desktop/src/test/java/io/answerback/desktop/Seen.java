package io.answerback.desktop;

import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Entry;
import io.answerback.desktop.part.Fixed;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Glyph;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Marked;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// What can be read and done on a sheet, without a window.
public final class Seen {
    private static final double WIDTH = 700;

    /// Something that can be clicked, by what a screen reader says.
    public record Thing(String name, Runnable action, boolean enabled) {}

    /// Something that can be typed into, by its name and what stands there.
    public record Typed(String name, Predicate<String> take) {}

    private final List<String> words = new ArrayList<>();
    private final List<Thing> things = new ArrayList<>();
    private final List<Typed> typed = new ArrayList<>();
    private final List<Part> all = new ArrayList<>();

    /// What is seen of some parts.
    public static Seen of(List<? extends Part> parts) {
        Seen seen = new Seen();
        parts.forEach(seen::look);
        return seen;
    }

    /// Every word.
    public List<String> words() {
        return words;
    }

    /// Whether these words can be read anywhere.
    public boolean reads(String wanted) {
        return words.stream().anyMatch(its -> its.contains(wanted));
    }

    /// Every part of a sort, wherever it stands.
    public <P extends Part> List<P> every(Class<P> sort) {
        return all.stream().filter(sort::isInstance).map(sort::cast).toList();
    }

    /// The pictures in a style, from top to bottom.
    public List<Picture> pictures(String style) {
        return every(Drawn.class).stream()
                .map(Drawn::picture)
                .filter(picture -> picture.style().equals(style))
                .toList();
    }

    /// The part of a sort whose name begins so.
    public <P extends Part> P named(Class<P> sort, Function<P, String> name, String beginning) {
        return every(sort).stream()
                .filter(its -> name.apply(its).startsWith(beginning))
                .findFirst()
                .orElseThrow(() -> new AssertionError("there is no " + beginning + " among "
                        + every(sort).stream().map(name).toList()));
    }

    /// Clicks what is called so.
    public void click(String beginning) {
        Thing thing = things.stream()
                .filter(its -> its.name().startsWith(beginning))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing is called " + beginning + " among "
                        + things.stream().map(Thing::name).toList()));
        if (!thing.enabled()) {
            throw new AssertionError(thing.name() + " cannot be pressed");
        }
        thing.action().run();
    }

    /// Types into what is called so.
    ///
    /// @return whether it was taken
    public boolean type(String beginning, String text) {
        return typed.stream()
                .filter(its -> its.name().startsWith(beginning))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing is called " + beginning + " among "
                        + typed.stream().map(Typed::name).toList()))
                .take()
                .test(text);
    }

    /// Takes an option of a choice.
    public void choose(String beginning, String option) {
        Choice choice = named(Choice.class, its -> its.name() + " " + its.shown(), beginning);
        int index = choice.options().indexOf(option);
        if (index < 0) {
            throw new AssertionError(beginning + " does not offer " + option + " but " + choice.options());
        }
        choice.take().accept(index);
    }

    private void look(Part part) {
        all.add(part);
        switch (part) {
            case With with -> with(with);
            case Text text -> words.add(text.text());
            case Marked mark -> {}
            case Gauge gauge -> words.add(gauge.says());
            case Glyph glyph -> {}
            case Pages pages -> {}
            case Fixed fixed -> {}
            case Value value -> value(value);
            case Entry entry -> typed.add(new Typed(entry.name(), entry.take()));
            case Line line -> typed.add(new Typed(line.name(), line.keys().take()));
            case Secret secret ->
                typed.add(new Typed(secret.name(), digits -> {
                    secret.taken().accept(digits.toCharArray());
                    return true;
                }));
            case Choice choice -> words.add(choice.shown());
            case Switch its -> positions(its);
            case Check check -> {
                words.add(check.name());
                things.add(new Thing(check.name(), () -> check.turn().accept(!check.on()), true));
            }
            case Photo photo -> words.add(photo.name());
            case Slide slide -> words.add(slide.name());
            case Tool tool -> {
                words.add(tool.text());
                things.add(new Thing(tool.says(), tool.action(), tool.enabled()));
            }
            case Press press -> {
                things.add(new Thing(press.says(), press.action(), true));
                press.parts().forEach(this::look);
            }
            case Tile tile -> {
                things.add(new Thing(tile.says(), tile.look(), true));
                tile.parts().forEach(this::look);
            }
            case Card card -> card.parts().forEach(this::look);
            case Group group -> group.parts().forEach(this::look);
            case Grid grid ->
                grid.lines().stream().flatMap(line -> line.cells().stream()).forEach(this::look);
            case Rows rows -> rows.rows().forEach(this::look);
            case Drawn drawn -> picture(Sketch.of(drawn.picture(), WIDTH));
        }
    }

    private void with(With with) {
        with.click().ifPresent(click -> things.add(new Thing(with.says(), click, true)));
        int before = things.size();
        look(with.part());
        if (!with.says().isEmpty() && with.part() instanceof Tool tool) {
            things.set(before, new Thing(with.says(), tool.action(), tool.enabled()));
        }
        if (!with.says().isEmpty() && with.part() instanceof Check check) {
            things.set(before, new Thing(with.says(), () -> check.turn().accept(!check.on()), true));
        }
    }

    private void value(Value value) {
        words.add(value.text());
        typed.add(new Typed(value.name() + " " + value.text(), value.take()));
    }

    private void positions(Switch its) {
        for (int i = 0; i < its.positions().size(); i++) {
            int position = i;
            words.add(its.positions().get(i));
            things.add(new Thing(
                    its.name() + " " + its.positions().get(i), () -> its.turn().accept(position), true));
        }
    }

    private void picture(Sketch sketch) {
        sketch.all().forEach(drawing -> {
            Stream.of(drawing.text()).filter(text -> !text.isEmpty()).forEach(words::add);
            if (!drawing.said().words().isEmpty()) {
                things.add(new Thing(drawing.said().words(), drawing.said()::press, true));
            }
            drawing.part().forEach(this::look);
        });
    }
}
