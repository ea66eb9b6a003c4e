package brachion.server.trial;

import java.util.List;

/**
 * The names that trials carry, each once.
 *
 * @param people  who bent
 * @param boards  boards pieces were cut from
 * @param sources where boards came from
 */
record NamesView(List<String> people, List<String> boards, List<String> sources) {
}
