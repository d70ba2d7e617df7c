<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Bench\TrialRun;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\CheckReport;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\Stage;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'check',
    'Checks board files: exit 0 when every checked latch is shut, 1 when one is open, 2 when a file cannot be read or holds nothing to '
        . 'check.',
)]
final class CheckCommand extends BoardCommand
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'board files, or - for standard input')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json; json of several files is one line each', 'text')
            ->addOption(
                'strict',
                null,
                InputOption::VALUE_NONE,
                'run the trial too, and end with 1 as well when something could not be checked or tried',
            )
            ->setHelp(<<<'HELP'
                  latch check board.json
                  latch check --strict boards/*.json
                  latch apply board.json edit.json | latch check --format=json -
                HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getOption('format');
        if (!in_array($format, ['text', 'json'], true)) {
            throw new \InvalidArgumentException('The format is text or json: --format=text or --format=json.');
        }
        $files = array_map(self::text(...), is_array($input->getArgument('files')) ? array_values($input->getArgument('files')) : []);
        $code = Command::SUCCESS;
        foreach ($files as $number => $file) {
            if (count($files) > 1 && 'text' === $format) {
                $this->print($output, (0 === $number ? '' : "\n") . "== $file\n");
            }
            try {
                $code = max($code, $this->check($file, $format, count($files) > 1, true === $input->getOption('strict'), $output));
            } catch (BoardFileFault $fault) {
                $this->say($output, $fault->getMessage());
                $code = self::MISUSED;
            }
        }

        return $code;
    }

    private function check(string $file, string $format, bool $isOneOfMany, bool $isStrict, OutputInterface $output): int
    {
        $board = BoardFile::read($file);
        $inspection = new Inspection($board, $this->catalogue);
        $trial = $isStrict && [] !== $board->lines ? (new TrialRun($inspection))->all()->note() : null;
        $report = Inspector::withRuleBook()->inspect($inspection, $trial);
        $json = 'json' === $format ? CheckReport::json($board, $report) : '';
        $this->print($output, match (true) {
            '' === $json => CheckReport::text($board, $report),
            $isOneOfMany => json_encode(
                ['file' => $file, ...(array) json_decode($json, true)],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ) . "\n",
            default => $json,
        });
        if ($report->isEmpty()) {
            $this->say($output, 'There is nothing to check: this board has no line yet. Add what is to be switched first.');

            return self::MISUSED;
        }

        $isUnsure = [] !== $report->notChecked || LatchState::NotChecked === $report->stages[Stage::Bench->value]->state;

        return $report->isEveryCheckedLatchShut() && !($isStrict && $isUnsure) ? Command::SUCCESS : self::OPEN;
    }
}
