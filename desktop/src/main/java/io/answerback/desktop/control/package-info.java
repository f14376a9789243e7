/// The controls that sheets are made of: each draws one sort of part, keeps its state while the part changes, and
/// takes colours and fonts from the style sheet.
package io.answerback.desktop.control;
