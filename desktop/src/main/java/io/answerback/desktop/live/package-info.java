/// The practice run: the panel in the model, the practice station that ships with the application, and what
/// passes between them.
package io.answerback.desktop.live;
