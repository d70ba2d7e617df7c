<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class NatureTest extends TestCase
{
    public function testEveryEditThatStatesSomethingSaysWhatItsWordsAreWorth(): void
    {
        foreach (RecordShape::variants(Edit::class)->classes as $word => $class) {
            if (1 === preg_match('/^(state|declare|tolerate|confirm)-/', $word)) {
                self::assertNotSame([], (new \ReflectionClass($class))->getAttributes(Says::class), $word);
            }
        }
    }

    public function testTheWeakestWordCounts(): void
    {
        $fuse = new ChooseFuse(TestBoards::part('fuse-ceramic-5', MainsFuse::class));
        self::assertSame(Nature::Choice, Nature::of($fuse));
        self::assertSame(Nature::Choice, Nature::of(new StateSafety(['L1'], restore: RestorePolicy::Off)));
        self::assertSame(Nature::Promise, Nature::of(new StateSafety(['L1'], earthJoined: true)));
        self::assertSame(Nature::Choice, Nature::of(new StateSafety(['L1'], earthJoined: false)), 'To admit a fault promises nothing.');
        self::assertSame(Nature::Promise, Nature::of(new StateBox(touchable: false)));
        self::assertSame(Nature::Choice, Nature::of(new StateBox(touchable: true)));
        self::assertSame(Nature::Promise, Nature::of(new Sequence('both', [$fuse, new StateBox(clearanceMetres: 8e-3)])));
        self::assertSame(Nature::Intention, Nature::of(new Sequence('both', [new StateBox(oneCircuit: true), new StateOnPurpose('L1')])));
        self::assertSame(Nature::Observation, Nature::of(new StateBox(altitudeMetres: 300.0)));
    }
}
