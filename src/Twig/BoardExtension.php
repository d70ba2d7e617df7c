<?php

declare(strict_types=1);

namespace IronLatch\Twig;

use IronLatch\Board\EditForm;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Control\ShownKinds;
use IronLatch\Core\Control\StepMap;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Review\Mains\Recommended;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Storage\ShelfPapers;
use IronLatch\View\ControlsDrawing;
use IronLatch\View\Joint;
use IronLatch\View\Parts;
use IronLatch\View\Refusal;
use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** What templates need of the core: printing, and the parts on offer. */
final class BoardExtension extends AbstractExtension
{
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly RequestStack $requests,
        private readonly Parts $parts,
        private readonly ShelfPapers $papers,
    ) {}

    public function getFilters(): array
    {
        return [
            new TwigFilter('part', $this->parts->part(...), ['is_safe' => ['html']]),
            new TwigFilter('skeleton', $this->parts->skeleton(...), ['is_safe' => ['html']]),
        ];
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction(
                'quantity',
                static fn(float $value, string $unit): string => QuantityPrinter::rounded($value, Unit::from($unit)),
            ),
            new TwigFunction('exact', self::exact(...)),
            new TwigFunction('trying', ControlsDrawing::trying(...)),
            new TwigFunction('shown_kind', static fn(Board $board, string $line): string => ShownKinds::of($board, $line)->value),
            new TwigFunction('room_of', ShownKinds::room(...)),
            new TwigFunction('money', fn(float $euros): string => $this->papers->currency()->printed($euros)),
            new TwigFunction('asks', self::asks(...)),
            new TwigFunction('part_id', Parts::idOf(...)),
            new TwigFunction('refusal', $this->refusal(...)),
            new TwigFunction('recommended', Recommended::of(...)),
            new TwigFunction('edit_word', self::wordOf(...)),
            new TwigFunction(
                'stated',
                static fn(?Fact $fact): mixed => null === $fact || !$fact->isStated() && !$fact->isTarget() ? null : $fact->value,
            ),
            new TwigFunction('assumed', static fn(?Fact $fact): mixed => Knowledge::Assumed === $fact?->knowledge ? $fact->value : null),
            new TwigFunction('place', Joint::place(...)),
            new TwigFunction('step_ranges', StepMap::ranges(...)),
            new TwigFunction('nearest_step', self::nearestStep(...)),
            new TwigFunction(
                'wire',
                static fn(float $squareMetres, Board $board): string => WireSize::printed($squareMetres, $board->system()->cordTable),
            ),
            new TwigFunction('key_of', PulseDistance::key(...)),
            new TwigFunction('parts', $this->parts(...)),
            new TwigFunction('never_looked_at', RuleBook::neverLooksAt(...)),
            new TwigFunction('levels', Level::cases(...)),
            new TwigFunction('load_kinds', LoadKind::cases(...)),
            new TwigFunction('rule_count', static fn(): int => count(RuleBook::rules())),
        ];
    }

    /**
     * @return array<string, Part>
     */
    private function parts(string $word): array
    {
        $class = RecordShape::variants(Part::class)->classes[$word] ?? null;

        return null !== $class && is_subclass_of($class, Part::class) ? $this->catalogue->parts($class) : [];
    }

    /** What was refused by this request, if anything was. */
    private function refusal(): ?Refusal
    {
        $refusal = $this->requests->getCurrentRequest()?->attributes->get(Refusal::class);

        return $refusal instanceof Refusal ? $refusal : null;
    }

    /** The word by which forms and files name an edit. */
    private static function wordOf(string $edit): string
    {
        return (string) array_search($edit, RecordShape::classes(Edit::class), true);
    }

    /**
     * What an edit asks in one of its fields, as its constructor describes it.
     *
     * @return array{kind: string, unit: string, example: string, title: string, choices: list<\BackedEnum>, part: string,
     *     question: ?Question, place: string}
     */
    private static function asks(string $edit, string $field): array
    {
        $made = RecordShape::classes(Edit::class)[$edit];
        $value = RecordShape::of($made)->fields[$field]->value;
        $class = $value->class;
        $part = null === $class ? false : array_search($class, RecordShape::variants(Part::class)->classes, true);
        $unit = $value->unit;

        return [
            'kind' => strtolower($value->kind->name),
            'unit' => $unit->value ?? '',
            'example' => explode(' or ', $unit?->example() ?? '')[0],
            'title' => null === $unit || null === $value->range ? '' : ucfirst($value->range->said($unit)),
            'choices' => null !== $class && is_subclass_of($class, \BackedEnum::class) ? $class::cases() : [],
            'part' => is_string($part) ? $part : '',
            'question' => Question::of($made, $field),
            'place' => Place::of($made, $field) ?? '',
        ];
    }

    /** What stands in a field in short and in full, where the short form would be read as another value; empty where it would not. */
    private static function exact(float $value, string $short, string $unit): string
    {
        try {
            $isExact = QuantityParser::parse($short, Unit::from($unit)) === $value;
        } catch (\InvalidArgumentException) {
            $isExact = false;
        }

        return $isExact ? '' : $short . EditForm::EXACTLY . QuantityPrinter::written($value, Unit::from($unit));
    }

    /**
     * @param list<float> $steps rising
     */
    private static function nearestStep(array $steps, float $value): int
    {
        $nearest = 0;
        foreach ($steps as $index => $step) {
            $nearest = abs($step - $value) < abs($steps[$nearest] - $value) ? $index : $nearest;
        }

        return $nearest;
    }
}
