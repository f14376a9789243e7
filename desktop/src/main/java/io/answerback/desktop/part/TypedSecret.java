package io.answerback.desktop.part;

import java.util.Arrays;

/// What is typed into a field that does not show it, until it is used: then it is taken out, and whoever
/// takes it wipes it. What is typed anew overwrites what was there.
public final class TypedSecret {
    private char[] letters = new char[0];

    /// Takes what is typed so far.
    public void type(char[] typed) {
        wipe();
        letters = typed;
    }

    /// Whether nothing is typed.
    public boolean isEmpty() {
        return letters.length == 0;
    }

    /// Whether the same is typed in another field.
    public boolean same(TypedSecret other) {
        return Arrays.equals(letters, other.letters);
    }

    /// What was typed. It is forgotten here; whoever takes it wipes it.
    public char[] takeOut() {
        char[] out = letters;
        letters = new char[0];
        return out;
    }

    /// Overwrites what was typed.
    public void wipe() {
        Arrays.fill(letters, ' ');
        letters = new char[0];
    }
}
