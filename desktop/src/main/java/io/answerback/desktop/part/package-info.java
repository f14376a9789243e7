/// What sheets are made of, as values: words, marks, values that can be edited, rows, tables, pictures. Without
/// JavaFX, so that what a sheet shows is made by a function and tested without a window.
package io.answerback.desktop.part;
