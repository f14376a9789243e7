/// The window and how it starts.
package io.answerback.desktop;
