<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Brief\DraftFigures;
use IronLatch\Core\Brief\DraftKind;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\Drafts;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('draft', 'Works a brief out into complete boards: exit 0 when one is free of danger and of what will not work, 1 when none is, '
    . '2 when the brief cannot be read.')]
final class DraftCommand extends BoardCommand
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('brief', InputArgument::REQUIRED, 'a sentence, or a file that holds a brief as JSON')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text')
            ->addOption('take', null, InputOption::VALUE_REQUIRED, 'print the board of this draft, by its number in the list')
            ->setHelp(<<<'HELP'
                  latch draft "six lamps, two heaters 2 kW and a pump, wall switches, 230 V, in a case"
                  latch draft brief.json --format=json
                  latch draft "two lamps, a remote, 230 V" --take 1 > board.json
                HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getOption('format');
        if (!in_array($format, ['text', 'json'], true)) {
            throw new \InvalidArgumentException('The format is text or json: --format=text or --format=json.');
        }
        $brief = $this->brief(self::text($input->getArgument('brief')), $output);
        if ([] === $brief->appliances) {
            throw new \InvalidArgumentException(
                'The brief names nothing that is to be switched. Write, for instance: two lamps and a pump.',
            );
        }
        $run = new DraftRun($brief, $this->catalogue, new Stock());
        $drafts = $run->all();
        $cards = $drafts->byKind(false);
        $take = $input->getOption('take');
        if (is_string($take)) {
            $card = $cards[(int) $take - 1] ?? throw new \InvalidArgumentException(
                sprintf('There are drafts 1 to %d; name one of them.', count($cards)),
            );
            $this->print($output, BoardJson::write($run->named($card[0]->choices)->board));
        } else {
            $this->print($output, 'json' === $format ? self::json($brief, $drafts, $cards) : self::words($drafts, $cards));
        }

        return [] !== $cards && $cards[0][0]->isSound() ? Command::SUCCESS : self::OPEN;
    }

    private function brief(string $given, OutputInterface $output): Brief
    {
        if (is_file($given)) {
            $data = json_decode(self::contents($given), true);
            try {
                return RecordReader::forForms()->read(Brief::class, is_array($data) ? $data : throw new \InvalidArgumentException(
                    sprintf('%s holds no brief as a JSON object.', $given),
                ));
            } catch (RecordFault $fault) {
                throw new \InvalidArgumentException($fault->getMessage(), 0, $fault);
            }
        }
        $brief = SentenceReader::read($given)->brief;
        foreach ($brief->notUnderstood as $words) {
            $this->say($output, sprintf('Not understood, and left out: %s', $words));
        }

        return $brief;
    }

    /**
     * @param list<array{DraftFigures, list<DraftKind>}> $cards
     */
    private static function words(Drafts $drafts, array $cards): string
    {
        $said = '' === $drafts->whyNoneIsSound() ? '' : $drafts->whyNoneIsSound() . "\n\n";
        foreach ($cards as $number => [$draft, $kinds]) {
            $said .= sprintf(
                "%d  %s\n   %s\n   %s, %d parts, %d joints by hand, %s; worst margin %s, %s; %d good pins free\n%s%s\n",
                $number + 1,
                implode(', ', array_map(static fn(DraftKind $kind): string => $kind->value, $kinds)),
                $draft->words,
                QuantityPrinter::rounded($draft->euros, Unit::Euro),
                $draft->parts,
                $draft->joints,
                $draft->box,
                QuantityPrinter::rounded($draft->worstMargin, Unit::Ratio),
                $draft->worstOf,
                $draft->freePins,
                [] === $draft->missed ? '' : '   not as the brief asks: ' . implode('; ', $draft->missed) . "\n",
                [] === $draft->givesUp ? '' : '   gives up ' . implode(', ', $draft->givesUp) . "\n",
            );
        }
        foreach ($drafts->whyNot(false) as $carrier => $reason) {
            $said .= sprintf("not %s: %s\n", $carrier, $reason);
        }

        return $said;
    }

    /**
     * @param list<array{DraftFigures, list<DraftKind>}> $cards
     */
    private static function json(Brief $brief, Drafts $drafts, array $cards): string
    {
        return json_encode([
            'brief' => RecordWriter::write($brief),
            'drafts' => array_map(static fn(array $card): array => [
                'kinds' => array_map(static fn(DraftKind $kind): string => $kind->value, $card[1]),
                ...array_diff_key(get_object_vars($card[0]), ['lines' => true]),
            ], $cards),
            'front' => $drafts->front(),
            'notDrafted' => $drafts->whyNot(false),
            'reason' => $drafts->whyNoneIsSound(),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT) . "\n";
    }
}
