<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\NamingRules;

/** A name as it is heard: its words, with numbers as digits, and how they sound. */
final readonly class SpokenName
{
    private const NUMBERS = [
        'zero' => '0',
        'one' => '1',
        'two' => '2',
        'three' => '3',
        'four' => '4',
        'five' => '5',
        'six' => '6',
        'seven' => '7',
        'eight' => '8',
        'nine' => '9',
        'ten' => '10',
        'eleven' => '11',
        'twelve' => '12',
    ];

    private string $plain;
    /** @var list<string> */
    private array $words;
    /** @var list<string> */
    private array $sounds;

    public function __construct(string $name)
    {
        $this->plain = Names::spoken($name);
        $fit = Naming::fit($name, new NamingRules(120, ' ', LetterCase::Lower, ''));
        $parted = (string) preg_replace('/(?<=[a-z])(?=\\d)|(?<=\\d)(?=[a-z])/', ' ', $fit);
        $this->words = array_map(static fn(string $word): string => self::NUMBERS[$word] ?? $word, explode(' ', $parted));
        // By metaphone, a published rule for English spelling, which hears the silent letters of “night”; numbers stay what they are.
        $this->sounds = array_map(
            static fn(string $word): string => ctype_digit($word) ? $word : metaphone(str_replace('ght', 't', $word)),
            $this->words,
        );
    }

    /** How one can be taken for the other; null when it cannot. */
    public function likenessTo(self $other): ?NameLikeness
    {
        return match (true) {
            $this->plain === $other->plain => NameLikeness::Same,
            $this->words === $other->words => NameLikeness::Digits,
            $this->sounds === $other->sounds => NameLikeness::Sound,
            $this->isWithin($other), $other->isWithin($this) => NameLikeness::Contained,
            default => null,
        };
    }

    private function isWithin(self $long): bool
    {
        return count($this->words) < count($long->words) && str_contains(
            ' ' . implode(' ', $long->words) . ' ',
            ' ' . implode(' ', $this->words) . ' ',
        );
    }
}
