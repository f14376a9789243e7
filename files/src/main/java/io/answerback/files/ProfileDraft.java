package io.answerback.files;

import io.answerback.core.model.profile.PanelProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// A panel's profile while it is filled in from a manual: it may be incomplete or contradict itself, and says
/// so. Never changes; an edit makes another.
public final class ProfileDraft {
    private static final ProfileSchema SCHEMA = new ProfileSchema();

    private final ObjectNode tree;

    private ProfileDraft(ObjectNode tree) {
        this.tree = tree;
    }

    /// What stands at a place.
    public enum Shape {
        /// Words.
        WORDS,
        /// A figure.
        FIGURE,
        /// Yes or no.
        YES_NO,
        /// One of some names.
        CHOICE,
        /// Something with parts of its own.
        PARTS,
        /// A list of things.
        LIST,
        /// Nothing yet.
        ABSENT
    }

    /// A place in a profile.
    ///
    /// @param key its key, or its index in a list
    /// @param title what it is called
    /// @param hint what the schema says about it, with its bounds; may be empty
    /// @param shape what stands there
    /// @param text what stands there, as it is typed; for a list how many, for parts what tells them apart
    /// @param choices the names to choose from; empty for what is no choice
    /// @param removable whether it can be taken away
    public record Part(
            String key, String title, String hint, Shape shape, String text, List<String> choices, boolean removable) {}

    /// The draft of a profile as it is.
    public static ProfileDraft of(PanelProfile profile) {
        return new ProfileDraft(JobJson.PLAIN.<ObjectNode>valueToTree(profile));
    }

    /// A draft with the least a profile can have: a board with one input that reads a closed loop.
    ///
    /// @param name what the panel is called
    public static ProfileDraft blank(String name) {
        ObjectNode tree = (ObjectNode) SCHEMA.fresh(List.of());
        tree.put("id", name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        tree.put("name", name);
        ObjectNode scheme = (ObjectNode) tree.path("schemes").get(0);
        scheme.put("scheme", "CLOSED_LOOP").put("unusedNeeds", "LINK");
        ArrayNode bands = scheme.putArray("bands");
        bands.addObject().put("lowOhms", 0).put("highOhms", 300).put("meaning", "NORMAL");
        bands.addObject().put("lowOhms", 1000).putNull("highOhms").put("meaning", "ALARM");
        ArrayNode modules = tree.putArray("modules");
        ObjectNode board = (ObjectNode) SCHEMA.fresh(List.of("modules", "0"));
        board.put("id", "board")
                .put("name", "Board")
                .put("sort", "BOARD")
                .put("inputs", 1)
                .put("mostOf", 1);
        modules.add(board);
        return new ProfileDraft(tree);
    }

    /// What is at a place, in the order of the schema: what is there and what could be.
    ///
    /// @param path keys and indices from the outermost in; empty for the profile itself
    public List<Part> parts(List<String> path) {
        JsonNode here = at(path);
        Optional<JsonNode> schema = SCHEMA.at(path);
        List<Part> parts = new ArrayList<>();
        if (here.isArray()) {
            for (int i = 0; i < here.size(); i++) {
                parts.add(part(path, String.valueOf(i), String.valueOf(i + 1), true));
            }
            return parts;
        }
        schema.ifPresent(its -> SCHEMA.keys(its).stream()
                .filter(key -> here.has(key) || !banned(its, here, key))
                .forEach(key -> parts.add(part(path, key, ProfileWords.title(key), !SCHEMA.required(its, key)))));
        return parts;
    }

    /// A band is in ohms or in volts, not in both.
    private static boolean banned(JsonNode schema, JsonNode here, String key) {
        for (JsonNode choice : schema.path("oneOf")) {
            List<String> keys = new ArrayList<>();
            choice.path("required").forEach(name -> keys.add(name.asString()));
            if (keys.contains(key)) {
                return keys.stream().noneMatch(here::has);
            }
        }
        return false;
    }

    private Part part(List<String> path, String key, String title, boolean removable) {
        List<String> inner = ProfileSchema.child(path, key);
        JsonNode value = at(inner);
        JsonNode schema = SCHEMA.at(inner).orElse(JsonNodeFactory.instance.objectNode());
        Shape shape = ProfileWords.shape(schema, value);
        return new Part(
                key,
                title,
                ProfileValue.hint(schema),
                shape,
                ProfileWords.text(value, shape),
                ProfileValue.choices(schema),
                removable);
    }

    /// The title of a place, as it stands in the way to it.
    public String title(List<String> path) {
        if (path.isEmpty()) {
            return tree.path("name").asString("Profile");
        }
        JsonNode here = at(path);
        return here.isObject() && path.getLast().matches("\\d+")
                ? ProfileWords.named(here)
                : ProfileWords.title(path.getLast());
    }

    private JsonNode at(List<String> path) {
        JsonNode here = tree;
        for (String key : path) {
            here = here.isArray() ? here.path(Integer.parseInt(key)) : here.path(key);
        }
        return here;
    }

    /// Whether there is anything at a place.
    public boolean has(List<String> path) {
        return !at(path).isMissingNode();
    }

    /// The same with something else at a place.
    ///
    /// @param text what was typed
    /// @throws IllegalArgumentException when it cannot stand there
    public ProfileDraft with(List<String> path, String text) {
        JsonNode schema = SCHEMA.at(path)
                .orElseThrow(() -> new IllegalArgumentException("a profile has no place " + String.join("/", path)));
        return put(path, ProfileValue.of(schema, ProfileWords.title(path.getLast()), text.strip()));
    }

    /// The same with one more thing in a list, or with a part that was not there: what the schema says it must
    /// have, with the least it can be.
    public ProfileDraft adding(List<String> path) {
        JsonNode here = at(path);
        if (!here.isArray()) {
            return put(path, SCHEMA.fresh(path));
        }
        return put(
                ProfileSchema.child(path, String.valueOf(here.size())),
                SCHEMA.fresh(ProfileSchema.child(path, String.valueOf(here.size()))));
    }

    private ProfileDraft put(List<String> path, JsonNode value) {
        ObjectNode copy = tree.deepCopy();
        JsonNode owner = new ProfileDraft(copy).at(path.subList(0, path.size() - 1));
        String key = path.getLast();
        if (owner instanceof ArrayNode list) {
            int index = Integer.parseInt(key);
            if (index < list.size()) {
                list.set(index, value);
            } else {
                list.add(value);
            }
        } else if (owner instanceof ObjectNode object) {
            object.set(key, value);
        }
        return new ProfileDraft(copy);
    }

    /// The same without what is at a place.
    public ProfileDraft without(List<String> path) {
        ObjectNode copy = tree.deepCopy();
        JsonNode owner = new ProfileDraft(copy).at(path.subList(0, path.size() - 1));
        if (owner instanceof ArrayNode list) {
            list.remove(Integer.parseInt(path.getLast()));
        } else if (owner instanceof ObjectNode object) {
            object.remove(path.getLast());
        }
        return new ProfileDraft(copy);
    }

    /// What is wrong with it, each with its place; empty when it can be used.
    public List<String> problems() {
        try {
            Schemas.require(tree, "", "profile", "The profile", "");
            JobJson.PLAIN.treeToValue(tree, PanelProfile.class);
            return List.of();
        } catch (BrokenFile broken) {
            return List.of(broken.getMessage());
        } catch (JacksonException broken) {
            Throwable cause = broken.getCause() == null ? broken : broken.getCause();
            return List.of(String.valueOf(cause.getMessage()));
        }
    }

    /// The profile; empty while something is wrong with it.
    public Optional<PanelProfile> profile() {
        return problems().isEmpty()
                ? Optional.of(JobJson.PLAIN.treeToValue(tree, PanelProfile.class))
                : Optional.empty();
    }
}
