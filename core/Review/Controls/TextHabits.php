<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateReading;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Board\TextReading;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\TextCommands;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Text command that a phone’s keyboard spoils. */
final class TextHabits implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.text-habits',
            version: 1,
            title: 'Text command that a phone’s keyboard spoils',
            severities: [Severity::Weak],
            reason: 'Phones begin with a capital, put a blank behind a word that they complete, and send one line '
                . 'ending or the other. A program that compares letter by letter hears nothing of it.',
            threshold: 'texts on one serial channel as a phone types them, against how the program reads them: '
                . 'capitals, blanks, line ending',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no text is on the channel',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            $texts = Addressing::Command === $inspection->board->profile($channel)->addressing
                ? array_map(strval(...), array_keys(TextCommands::on($inspection->controls, $id)))
                : [];
            if ([] === $texts) {
                continue;
            }
            $reading = $channel->reading ?? new TextReading();
            foreach ([
                ...self::letters($reading, $texts),
                ...self::blanks($reading, $texts),
                ...self::ending($reading),
            ] as [$field, $words, $cure]) {
                if (null === $cure) {
                    yield new NotChecked(
                        $this->facts(),
                        $id,
                        sprintf($words, $channel->name),
                        Answer::by(StateReading::class, $field, $id),
                    );
                } else {
                    yield new Finding(
                        $this->facts(),
                        Severity::Weak,
                        $id,
                        sprintf($words, $channel->name),
                        proposals: static fn(): array => [new Remedy($cure, self::cured($id, $field))],
                    );

                    break;
                }
            }
        }
    }

    private static function cured(string $id, string $field): StateReading
    {
        return match ($field) {
            'ignoresCase' => new StateReading($id, ignoresCase: true),
            'trims' => new StateReading($id, trims: true),
            default => new StateReading($id, LineEnding::Either),
        };
    }

    /**
     * @param list<string> $texts
     * @return list<array{string, string, ?string}> field, words and cure; no cure while nobody has said how it is read
     */
    private static function letters(TextReading $reading, array $texts): array
    {
        $other = array_values(array_filter($texts, static fn(string $text): bool => TextCommands::asTyped($text) !== $text))[0] ?? null;
        if (null === $other || true === $reading->ignoresCase) {
            return [];
        }

        return null === $reading->ignoresCase
            ? [['ignoresCase', 'whether capitals are the same as small letters to the program that reads “%s”', null]]
            : [[
                'ignoresCase',
                sprintf(
                    'A phone types “%s” for “%s”, and on “%%s” the program tells capitals apart.',
                    TextCommands::asTyped($other),
                    $other,
                ),
                'Take capitals and small letters as the same',
            ]];
    }

    /**
     * @param list<string> $texts
     * @return list<array{string, string, ?string}>
     */
    private static function blanks(TextReading $reading, array $texts): array
    {
        $word = array_values(array_filter($texts, TextCommands::endsInAWord(...)))[0] ?? null;
        if (null === $word || true === $reading->trims) {
            return [];
        }

        return null === $reading->trims
            ? [['trims', 'whether blanks behind a text are left out by the program that reads “%s”', null]]
            : [[
                'trims',
                sprintf('A phone that completes the word types “%s ” with a blank behind it, which on “%%s” is part of the text.', $word),
                'Leave blanks before and behind out',
            ]];
    }

    /**
     * @return list<array{string, string, ?string}>
     */
    private static function ending(TextReading $reading): array
    {
        return in_array($reading->ending, [LineEnding::LineFeed, LineEnding::ReturnAndFeed], true) && true !== $reading->trims
            ? [
                [
                    'ending',
                    sprintf('On “%%s” only “%s” ends a text: an app that sends the other one is not heard.', $reading->ending->value),
                    'Take either ending',
                ],
            ]
            : [];
    }
}
