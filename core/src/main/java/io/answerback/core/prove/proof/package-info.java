/// Works out for each point whether its signal was answered, and whether anything upstream has changed since.
package io.answerback.core.prove.proof;
