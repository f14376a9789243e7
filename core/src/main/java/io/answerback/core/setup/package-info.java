/// From what is wanted to what is typed: decisions in plain words, the entries that mean them on this panel,
/// the order in which they are typed, and what a panel's own entries mean.
package io.answerback.core.setup;
