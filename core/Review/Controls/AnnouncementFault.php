<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\SetAnnouncement;
use IronLatch\Core\Catalogue\Announcement;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Announced;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\TopicName;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Announcement that nobody can read. */
final class AnnouncementFault implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.announcement',
            version: 1,
            title: 'Announcement that nobody can read',
            severities: [Severity::Broken],
            reason: 'What is announced is read by programs: a slip in its form, a topic that two lines share or a '
                . 'word that stands for nothing leaves the line unknown, or known as another.',
            threshold: 'each announcement of each line: JSON, with legal topics, each line at its own, every {word} one '
                . 'that is filled; two different words for here and gone',
            basis: Basis::Standard,
            source: 'JSON, RFC 8259; topic names after MQTT 3.1.1, section 4.7, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->routes as $id => $route) {
            $form = Announced::form($route->hops[0]);
            $fault = null === $form || [] === $inspection->controls->on($id)
                ? null
                : self::fault($inspection->board, $inspection->controls, $route->hops[0], $form);
            if (null !== $fault) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('What “%s” announces cannot be read: %s.', $route->hops[0]->channel->name, $fault),
                    proposals: static fn(): array => null === $route->hops[0]->channel->announcement
                        ? []
                        : [new Remedy('Use the form of the profile', new SetAnnouncement($id))],
                );
            }
        }
    }

    private static function fault(Board $board, ControlMap $map, Hop $hop, Announcement $form): ?string
    {
        preg_match_all('/\{[a-z]+\}/', $form->topic . $form->payload . $form->availability, $words);
        $unknown = array_values(array_diff($words[0], Announced::WORDS))[0] ?? null;
        if (null !== $unknown) {
            return sprintf('“%s” stands for nothing', $unknown);
        }
        if ($form->here === $form->gone) {
            return sprintf('“%s” says both that the board is there and that it is gone', $form->here);
        }
        $seen = [];
        foreach (Announced::on($board, $map, $hop->id) as $one) {
            $fault = TopicName::fault($one->topic);
            // An address that is illegal itself is said as such.
            if (null !== $fault && null !== TopicName::fault($map->at($one->line, $hop->id)[0]->address ?? '')) {
                continue;
            }
            if (null !== $fault) {
                return sprintf('the topic “%s”: %s', $one->topic, $fault);
            }
            if (isset($seen[$one->topic])) {
                return sprintf(
                    '“%s” and “%s” are announced at one topic, %s',
                    $board->nameOf($seen[$one->topic]),
                    $board->nameOf($one->line),
                    $one->topic,
                );
            }
            $seen[$one->topic] = $one->line;
            if (!is_array(json_decode($one->payload, true, 16))) {
                return sprintf('the text for “%s” is no JSON object', $board->nameOf($one->line));
            }
        }

        return TopicName::fault(Announced::availability($board, $hop));
    }
}
