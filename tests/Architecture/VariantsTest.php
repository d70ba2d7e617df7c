<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\Heading;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\DriverCircuit;
use IronLatch\Core\Record\OneOf;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Support\Files;
use PHPUnit\Framework\TestCase;

/** Registered once, and never forgotten: every class that could stand in a list stands in it. */
final class VariantsTest extends TestCase
{
    public function testEveryImplementorOfAVariantIsListed(): void
    {
        $classes = self::classes();
        $interfaces = 0;
        foreach ($classes as $interface) {
            if (!interface_exists($interface) || [] === (new \ReflectionClass($interface))->getAttributes(OneOf::class)) {
                continue;
            }
            ++$interfaces;
            $implementors = array_values(array_filter(
                $classes,
                static fn(string $class): bool => is_subclass_of($class, $interface) && (new \ReflectionClass($class))->isInstantiable(),
            ));
            self::assertEqualsCanonicalizing($implementors, array_values(RecordShape::variants($interface)->classes), $interface);
        }
        self::assertGreaterThan(2, $interfaces);
    }

    public function testNoTwoClassesShareAName(): void
    {
        $names = array_map(static fn(string $class): string => (new \ReflectionClass($class))->getShortName(), self::classes());
        self::assertSame([], array_keys(array_filter(array_count_values($names), static fn(int $count): bool => $count > 1)));
    }

    public function testEveryRuleIsInTheRuleBook(): void
    {
        $rules = array_filter(self::classes(), static fn(string $class): bool => is_subclass_of($class, Rule::class));
        self::assertEqualsCanonicalizing(array_values($rules), array_map(static fn(Rule $rule): string => $rule::class, RuleBook::rules()));
    }

    public function testEveryPartKindHasAHeadingAndEveryDriverASketch(): void
    {
        $headings = array_map(Heading::of(...), RecordShape::classes(Part::class));
        self::assertSame(array_unique($headings), $headings);
        foreach (array_keys(RecordShape::variants(Driver::class)->classes) as $driver) {
            self::assertFileExists(sprintf('%s/templates/drive/sketch/%s.html.twig', dirname(__DIR__, 2), $driver));
        }
    }

    public function testEveryDriverHasItsCircuitAndEveryCircuitIsListed(): void
    {
        $circuits = array_filter(
            self::classes(),
            static fn(string $class): bool => is_subclass_of($class, DriverCircuit::class)
                && (new \ReflectionClass($class))->isInstantiable(),
        );
        self::assertEqualsCanonicalizing(array_values($circuits), Circuits::KINDS);
        self::assertEqualsCanonicalizing(
            array_values(RecordShape::variants(Driver::class)->classes),
            array_map(static fn(string $circuit): string => $circuit::driver(), Circuits::KINDS),
        );
    }

    /**
     * @return list<class-string> of the core
     */
    private static function classes(): array
    {
        $root = dirname(__DIR__, 2) . '/core';
        $classes = [];
        foreach (Files::of('core') as $path) {
            $class = 'IronLatch\\Core' . strtr(substr($path, strlen($root), -4), ['/' => '\\']);
            if ((class_exists($class) || interface_exists($class) || enum_exists($class))) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
