<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\NamingRules;
use IronLatch\Core\Control\NameLikeness;
use IronLatch\Core\Control\Naming;
use IronLatch\Core\Control\SpokenName;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NamingTest extends TestCase
{
    /**
     * @return iterable<string, array{string, NamingRules, string}>
     */
    public static function names(): iterable
    {
        $topic = new NamingRules(20, '-', LetterCase::Lower);
        $program = new NamingRules(40, '_', LetterCase::Upper, '_', true, true);
        $voice = new NamingRules(40, ' ', LetterCase::Any, "'", false, true, ['lights', 'all']);
        yield 'blanks' => ['Desk  lamp', $topic, 'desk-lamp'];
        yield 'letters beyond ASCII' => ['Küche: Größe & Ölbad', $topic, 'kueche-groesse-and-o'];
        yield 'nothing that could stand there' => ['💡', $topic, 'line'];
        yield 'a digit in front' => ['2nd lamp', $program, 'LINE_2ND_LAMP'];
        yield 'signs' => ['a+b#c/d', $program, 'A_PLUS_B_C_D'];
        yield 'other scripts, in a program' => ['Лампа', $program, 'LINE'];
        yield 'other scripts, spoken' => ['Лампа', $voice, 'Лампа'];
        yield 'a word that is taken' => ['Lights', $voice, 'Lights line'];
        yield 'an apostrophe' => ["Cook's lamp", $voice, "Cook's lamp"];
    }

    #[DataProvider('names')]
    public function testANameIsMadeLegal(string $name, NamingRules $rules, string $fit): void
    {
        self::assertSame($fit, Naming::fit($name, $rules));
        self::assertNull(Naming::fault($fit, $rules), 'What is derived is legal.');
        self::assertLessThanOrEqual($rules->most, mb_strlen(Naming::numbered($fit, 12, $rules)));
        self::assertNull(Naming::fault(Naming::numbered($fit, 12, $rules), $rules));
    }

    public function testWhatMakesANameIllegalIsSaid(): void
    {
        $rules = new NamingRules(8, '-', LetterCase::Lower, '-', true, true, ['off']);
        self::assertSame(
            [
                'it is empty',
                'it has 9 characters, and 8 are allowed',
                'it holds a blank',
                'it holds “ä”',
                'it holds capitals',
                'it does not start with a letter',
                'the word is taken there',
                null,
            ],
            array_map(
                static fn(string $name): ?string => Naming::fault($name, $rules),
                [' ', 'lamp-lamp', 'a b', 'lämp', 'Lamp', '1lamp', 'off', 'lamp-1'],
            ),
        );
    }

    /**
     * @return iterable<array{string, string, ?NameLikeness}>
     */
    public static function pairs(): iterable
    {
        yield ['Lamp two', 'lamp 2', NameLikeness::Digits];
        yield ['Lamp2', 'Lamp two', NameLikeness::Digits];
        yield ['Desk lamp', 'DESK-LAMP', NameLikeness::Same];
        yield ['Fan', 'Van', NameLikeness::Sound];
        yield ['Night light', 'Knight lite', NameLikeness::Sound];
        yield ['Lamp', 'Desk lamp', NameLikeness::Contained];
        yield ['Lamp', 'Lampshade', null];
        yield ['Lamp 2', 'Lamp 3', null];
        yield ['Airer', 'Boiler', null];
    }

    #[DataProvider('pairs')]
    public function testNamesThatAVoiceMayConfuse(string $one, string $other, ?NameLikeness $likeness): void
    {
        self::assertSame($likeness, (new SpokenName($one))->likenessTo(new SpokenName($other)));
        self::assertSame($likeness, (new SpokenName($other))->likenessTo(new SpokenName($one)));
    }
}
