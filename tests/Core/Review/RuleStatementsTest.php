<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Remedy;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What every finding says to its reader, and what it proposes, word for word: both are read by people who wire mains. */
final class RuleStatementsTest extends TestCase
{
    public function testEveryPlantedFaultIsToldAndRepairedInTheseWords(): void
    {
        $said = [];
        foreach (RuleFixtures::all() as $name => $fixture) {
            $finding = Inspector::withRuleBook()->inspect(new Inspection($fixture['fault'], TestBoards::catalogue()))
                ->finding($fixture['rule'] . ':' . $fixture['subject']);
            $said[$name] = [
                $finding?->statement,
                array_map(static fn(Remedy $remedy): string => $remedy->title, $finding?->remedies() ?? []),
            ];
        }
        $words = self::words();
        ksort($said);
        ksort($words);
        self::assertSame($words, $said);
    }

    /**
     * @return array<string, array{string, list<string>}> by fixture
     */
    private static function words(): array
    {
        return [
            'line without a relay' => [
                '“Lamp” has no relay, so nothing switches its appliance.',
                ['Add a relay on GPIO25 (printed 25)'],
            ],
            'relay output without a pin' => [
                '“Lamp relay” (relay output) has no pin yet.',
                ['Seat it on GPIO25 (printed 25)', 'Seat all functions anew'],
            ],
            'switch on a relay’s pin' => [
                '“Lamp relay” and “Lamp wall switch” both sit on GPIO23 (printed 23).',
                ['Move “Lamp wall switch”: seat it on GPIO14 (printed 14)', 'Move “Lamp relay”: seat it on GPIO25 (printed 25)'],
            ],
            'switch on the flash' => [
                '“Lamp wall switch” sits on GPIO6 (printed CLK), which is wired to the flash memory inside: the chip will not run.',
                ['Seat it on GPIO14 (printed 14)'],
            ],
            'switch on the console' => [
                '“Lamp wall switch” sits on GPIO3 (printed RX), the serial console: it sees the boot log at every start and can block '
                    . 'uploading.',
                ['Seat it on GPIO14 (printed 14)', 'State that it tolerates the console'],
            ],
            'module holds the flash voltage strap up' => [
                'With “Lamp relay” on it, GPIO12 (printed 12) is at 2.28 V at reset and must be low: the wrong flash voltage is '
                    . 'selected and the chip does not start (won’t run).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'module holds the download strap up' => [
                'With “Lamp relay” on it, GPIO2 (printed 2) is at 2.28 V at reset and must be low: a program cannot be uploaded, '
                    . 'because download mode needs a low here (won’t upload).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'transistor pulls the run strap down' => [
                'With “Lamp relay” on it, GPIO0 (printed 0) is at 618 mV at reset and must be high: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'transistor pulls a harmless strap down' => [
                'With “Lamp relay” on it, GPIO5 (printed 5) is at 618 mV at reset and must be high: only the timing of a slave card '
                    . 'interface changes (harmless).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'pull-up fights the flash voltage strap' => [
                'With “Lamp wall switch” on it, GPIO12 (printed 12) is at 2.7 V at reset and must be low: the wrong flash voltage is '
                    . 'selected and the chip does not start (won’t run).',
                ['Seat it on GPIO14 (printed 14)'],
            ],
            'wall switch on the run strap' => [
                'If “Lamp wall switch” stands closed at power-up it holds GPIO0 (printed 0) low: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
                ['Seat it on GPIO14 (printed 14)', 'Use a push button instead'],
            ],
            'wall switch on a harmless strap' => [
                'If “Lamp wall switch” stands closed at power-up it holds GPIO15 (printed 15) low: only the boot log falls silent '
                    . '(harmless).',
                ['Seat it on GPIO14 (printed 14)', 'Use a push button instead'],
            ],
            'button on the run strap' => [
                'If “Airer push button” is held while power returns, GPIO0 (printed 0) is low: the chip waits for a download instead '
                    . 'of running the program.',
                ['Seat it on GPIO14 (printed 14)'],
            ],
            'lamp relay on a pin that is pulsed' => [
                'The relay of “Lamp” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'airer relay on a pin that is pulsed' => [
                'The relay of “Airer” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms), and this appliance must '
                    . 'never start by itself.',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'pull-up through an open base drives a 12 V coil' => [
                'The relay of “Lamp” on GPIO15 (printed 15) may pull in while the boot loader runs (250 ms; 310 ms in all).',
                ['Seat it on GPIO25 (printed 25)', 'Fit 10 kΩ as base–emitter resistor'],
            ],
            'module on the boot log' => [
                'The relay of “Lamp” on GPIO1 (printed TX) pulls in while the boot loader runs (250 ms; 300 ms in all).',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'relay on an input-only pin' => [
                '“Lamp relay” is an output, and GPIO35 (printed 35) can only read.',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'switch without a pull-up' => [
                '“Lamp wall switch” on GPIO35 (printed 35) has nothing to pull it up: the pin has no pull-up inside and none is '
                    . 'fitted outside.',
                ['Fit a 10 kΩ pull-up', 'Seat it on GPIO14 (printed 14)'],
            ],
            'switch with a pull-down' => [
                '“Lamp wall switch” on GPIO35 (printed 35) has nothing to pull it up: the pin has no pull-up inside and none is '
                    . 'fitted outside.',
                ['Fit a 10 kΩ pull-up'],
            ],
            'button against the carrier’s pull-down' => [
                'Open, “Button” lifts GPIO15 (printed D8) to 685 mV, and a high begins at 2.47 V: something pulls against its pull-up.',
                ['Seat it on GPIO14 (printed D5)'],
            ],
            'button with a pull-up that the carrier’s pull-down all but beats' => [
                'Open, “Button” lifts GPIO15 (printed D8) to 2.38 V, and a high begins at 2.4 V at the worst corner: something pulls '
                    . 'against its pull-up.',
                ['Seat it on GPIO16 (printed D0)'],
            ],
            'sensor on the converter that the radio takes' => [
                '“Light sensor” cannot be read on GPIO25 (printed 25): its converter (ADC2) cannot be read while the radio is used.',
                ['Seat it on GPIO36 (printed VP)'],
            ],
            'sensor without a converter' => [
                '“Light sensor” cannot be read on GPIO18 (printed 18): it has no analogue input.',
                ['Seat it on GPIO36 (printed VP)'],
            ],
            'print that is another pin’s number' => [
                '“Lamp wall switch” was written as “D2” and read as GPIO9 (printed D2); it can also mean GPIO2 (printed 2).',
                ['Confirm GPIO9 (printed D2)', 'It means GPIO2 (printed 2)'],
            ],
            'ten relays on an ESP8266' => [
                '“Line 1 relay”, “Line 2 relay”, “Line 3 relay”, “Line 4 relay”, “Line 5 relay”, “Line 6 relay”, '
                    . '“Line 7 relay”, “Line 8 relay”, “Line 9 relay” and “Line 10 relay” cannot all be seated on the '
                    . 'ESP8266 carrier, D labels, 30 pins; without any one of them the others can.',
                [
                    'ATmega328P carrier, 5 V, 30 pins',
                    'ESP32 carrier, 30 pins',
                    'Move the relays to MCP23017, 16 bits',
                    'ESP32 carrier, 38 pins',
                ],
            ],
            'receiver without an interrupt' => [
                '“Receiver” needs an interrupt, and PD4 (printed D4) has none.',
                ['Seat it on PD3 (printed D3)'],
            ],
            'bus clock off the one pin that has it' => [
                '“Bus SCL” sits on PC4 (printed A4), which has no SCL.',
                ['Seat it on PC5 (printed A5)'],
            ],
            'bus on two units' => [
                'The signals of “Bus” sit on different units of the RP2040.',
                ['Seat all functions anew'],
            ],
            'moved off its frozen pin' => [
                'The firmware in use has “Lamp wall switch” on GPIO33; on the board it sits on GPIO27 (printed 27).',
                ['Put it back on GPIO33 (printed 33)', 'Freeze the pin map anew'],
            ],
            'twelve base currents from one RP2040' => [
                'With all outputs on, all pins of the RP2040 together carry 55.3 mA; the limit is 50 mA.',
                ['Drive them by Opto relay module 5 V, active low', 'Drive them by Opto relay module 5 V, trigger jumper'],
            ],
            'ten base currents from one RP2040' => [
                'With all outputs on, all pins of the RP2040 together carry 57.6 mA at most; the limit is 50 mA.',
                ['Drive them by Opto relay module 5 V, active low', 'Drive them by Opto relay module 5 V, trigger jumper'],
            ],
            'three metres on the pull-up inside' => [
                '“Lamp wall switch” hangs on 3 m of cable with only the weak pull-up inside the chip on GPIO33 (printed 33).',
                ['Fit a 4.7 kΩ pull-up'],
            ],
            'two relays on one pin, one of them declared' => [
                '“Lamp relay” and “Lamp wall switch” both sit on GPIO23 (printed 23).',
                ['Move “Lamp wall switch”: seat it on GPIO14 (printed 14)', 'Move “Lamp relay”: seat it on GPIO25 (printed 25)'],
            ],
            'one-wire on an input-only pin' => [
                '“Probe” must also drive its wire, and GPIO35 (printed 35) can only read.',
                ['Seat it on GPIO14 (printed 14)'],
            ],
            'bus pull-up on the flash voltage strap' => [
                'With “Bus SDA” on it, GPIO12 (printed 12) is at 2.99 V at reset and must be low: the wrong flash voltage is selected '
                    . 'and the chip does not start (won’t run).',
                ['Seat it on GPIO21 (printed 21)'],
            ],
            'motion sensor on the run strap' => [
                'With “Motion” on it, GPIO0 (printed 0) is at 71.7 mV at reset and must be high: the chip waits for a download '
                    . 'instead of running the program (won’t run).',
                ['Seat it on GPIO36 (printed VP)'],
            ],
            'wall switch on a strap that only uploading reads' => [
                'If “Switch” stands closed at power-up it holds GPIO8 (printed 8) low: a program cannot be uploaded, because download '
                    . 'mode needs a high here (won’t upload).',
                ['Seat it on GPIO6 (printed 6)', 'Use a push button instead'],
            ],
            'active-low module, output made first' => [
                'The relay of “Lamp” on GPIO23 (printed 23) may pull in as the pin becomes an output.',
                ['Write the off level before it becomes an output'],
            ],
            'one step of two on a pulsed pin' => [
                'The relay of “Lamp relay 2” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms), and of these '
                    . 'steps one only may be on.',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'bus without pull-ups' => [
                '“Bus” has no pull-ups: nothing lifts its wires. They lie between 967 Ω and 19.7 kΩ.',
                ['Fit pull-ups of 3.3 kΩ'],
            ],
            'bus with 680 Ω' => [
                'The pull-ups of “Bus” (680 Ω) are too small: devices cannot pull the wires low; they lie between 967 Ω and 19.7 '
                    . 'kΩ.',
                ['Fit pull-ups of 3.3 kΩ'],
            ],
            'bus with 1 kΩ' => [
                'The pull-ups of “Bus” (1 kΩ) are too small: devices cannot pull the wires low; they lie between 967 Ω and 19.7 '
                    . 'kΩ, and these reach outside at a corner.',
                ['Fit pull-ups of 3.3 kΩ'],
            ],
            'fast bus with 10 kΩ' => [
                'The pull-ups of “Bus” (10 kΩ) are too large: the wires rise too late; they lie between 967 Ω and 5.9 kΩ.',
                ['Fit pull-ups of 2.7 kΩ'],
            ],
            'transistor on a quasi-bidirectional output' => [
                'The relay of “Lamp” wants a high level from X1.P0, which gives about 66 µA.',
                [
                    'Drive it by Opto relay module 5 V, active low',
                    'Drive it by Opto relay module 5 V, trigger jumper',
                    'Seat it on GPIO25 (printed 25)',
                ],
            ],
            'shift register that nothing holds off' => [
                'After power-up X1.Q0 is toggling, and the relay of “Lamp” pulls in until the program has written to the expander.',
                ['Hold its outputs off with a pull-up on output-enable'],
            ],
            'airer on a shift register that nothing holds off' => [
                'After power-up X1.Q0 is toggling, and the relay of “Airer” pulls in until the program has written to the expander.',
                ['Hold its outputs off with a pull-up on output-enable'],
            ],
            '5 V expander on a 3.3 V bus' => [
                'The bus of “PCF8574 X1” gives 3.3 V, and a high begins at 3.5 V.',
                ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
            ],
            '5 V expander behind a level shifter' => [
                'The bus of “PCF8574 X1” gives 3.3 V, and a high begins at 3.5 V.',
                ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
            ],
            'shift register of the wrong kind' => [
                'The bus of “74HC595 X1” gives 3.3 V, and a high begins at 3.5 V.',
                ['Feed it with the controller’s 3.3 V', 'Use the 74HCT595, 8 bits'],
            ],
            'shift register below its supply' => [
                '“74HCT595 X1” is made for 4.5 V to 5.5 V and is fed with 3.3 V.',
                ['Feed it from the rail 5 V'],
            ],
            'expander on 4.6 V' => [
                'The bus of “PCF8574 X1” gives 3.2 V, and a high begins at 3.29 V at the worst corner.',
                ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
            ],
            'two expanders on one address' => [
                '“PCF8574 X1” and “PCF8574 X2” both answer at 0x20.',
                ['Set it to 0x21'],
            ],
            'A variant on the plain one’s address' => [
                '“PCF8574A X1” is set to 0x20; the PCF8574A, 8 bits has 0x38 to 0x3F.',
                ['Set it to 0x38', 'It is a PCF8574, 8 bits'],
            ],
            'coil in hot air' => [
                'After a long hold the coil of “Lamp” gets 4.55 V at the worst corner and wants 4.71 V to pull in again.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            'coil behind a module in warm air' => [
                'After a long hold the coil of “Lamp” gets 4.55 V at the worst corner and wants 4.69 V to pull in again.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            'gate on a rail of 24 V' => [
                'The gate of “Lamp” gets up to 24.2 V; P-channel MOSFET specified at 10 V (IRF9540 class) bears 20 V.',
                ['Fit 10 kΩ as gate resistor'],
            ],
            'gate all but halved' => [
                'The gate of “Lamp” gets up to 20.4 V; P-channel MOSFET specified at 10 V (IRF9540 class) bears 20 V.',
                ['Fit 10 kΩ as gate resistor'],
            ],
            '10 V MOSFET on a 3.3 V pin' => [
                'The gate of “Lamp” gets 3.26 V; MOSFET specified at 10 V (IRF540 class) is specified from 10 V on.',
                ['Use the MOSFET specified at 2.5 V (AO3400 class)'],
            ],
            '4.5 V MOSFET on a 3.3 V pin' => [
                'The gate of “Lamp” gets 3.26 V; MOSFET specified at 4.5 V (IRLZ44 class) is specified from 4.5 V on.',
                ['Use the MOSFET specified at 2.5 V (AO3400 class)'],
            ],
            'transistor without a diode' => [
                'Nothing clamps the coil of “Lamp”: each switching off strikes its driver.',
                ['Fit a diode across the coil, cathode to the rail'],
            ],
            'array with its common pin open' => [
                'The common pin of the array at “Lamp” is open, so its clamp diodes do nothing: each switching off strikes the array.',
                ['Connect the common pin to the coils’ rail'],
            ],
            'nine relays on eight channels' => [
                '9 relays hang on the package U1, which has 8 channels.',
                ['Use 2 packages'],
            ],
            'eight relays on a package that sheds little heat' => [
                'With its 8 relays on, the package U1 reaches 152 °C inside; it bears 150 °C.',
                ['Use 2 packages'],
            ],
            'eight relays on a package that sheds just enough' => [
                'With its 8 relays on, the package U1 reaches 167 °C inside at its hottest; it bears 150 °C.',
                ['Use 2 packages'],
            ],
            'isolation on one rail' => [
                'The driver of “Lamp” is counted on to isolate, but its coil hangs on the controller’s own rail.',
                ['Count on no isolation here'],
            ],
            'isolation with the jumper on' => [
                'The driver of “Lamp” is counted on to isolate, but its inputs are fed from the coils’ rail.',
                ['Count on no isolation here'],
            ],
            'zener that lets the coil kick too high' => [
                'When “Lamp” is switched off, its coil kicks to 36.8 V; MOSFET specified at 2.5 V (AO3400 class) bears 30 V.',
                ['Fit a plain diode across the coil'],
            ],
            'MOSFET for less than the coil draws' => [
                'Small MOSFET carries 80.6 mA for “Lamp”; it bears 50 mA.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            'MOSFET for just what the coil draws' => [
                'Small MOSFET carries 91.1 mA for “Lamp” at the worst corner; it bears 85 mA.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            'small transistor on a valve' => [
                'NPN BC547B class carries 500 mA for “Lamp”; it bears 100 mA.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)'],
            ],
            'valve without a diode' => [
                'Nothing clamps the coil of “Lamp”: each switching off strikes its driver.',
                ['Fit a diode across the coil, cathode to the rail'],
            ],
            'bistable relay with one winding' => [
                'The one winding of “Lamp” wants its current turned round to open, and its driver gives it one way only.',
                [
                    'Drive it both ways by Full bridge 1.8 A, 11 V (DRV8837 class)',
                    'Fit Bistable relay 5 V, two windings, 16 A',
                    'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced',
                ],
            ],
            'diode across a winding on a bridge' => [
                'A diode across the winding of “Lamp” shorts its bridge each time the current is turned round.',
                ['Leave the diode out'],
            ],
            'bistable relay that is never opened' => [
                '“Lamp” can be switched on but never off: nothing drives its relay the other way.',
                ['Open it from GPIO25 (printed 25)', 'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'second winding that the relay does not have' => [
                'An output of “Lamp” would open a relay that is not bistable, or not driven so.',
                ['Remove that output'],
            ],
            'bistable relay on what must not start by itself' => [
                '“Airer” must never start by itself, but its bistable relay keeps its contact closed through a power cut: it starts '
                    . 'when the mains comes back.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'triac on direct current' => [
                '“Lamp” runs from direct current, and the triac of its relay never lets go of that once it is on.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'normally closed solid-state relay' => [
                '“Airer” is to be on while its relay is off, but a solid-state relay has no normally closed contact.',
                ['Switch it on by switching the relay on', 'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'load under the least current' => [
                '“Lamp” draws 78.3 mA, and its solid-state relay stays on from 100 mA: it may flicker, or stay off.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'lamp that glows on the leakage' => [
                '“Lamp” may glow while it is off: it draws 209 mA, and 3 mA leak through its solid-state relay.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'eight amperes without a heat sink' => [
                'The solid-state relay of “Airer” reaches 144 °C inside without a heat sink; it bears 125 °C.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'six amperes without a heat sink' => [
                'The solid-state relay of “Airer” reaches 131 °C inside without a heat sink, at its greatest drop; it bears 125 °C.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            '5 V receiver on a 3.3 V pin' => [
                '“Receiver” drives GPIO35 (printed 35) to 5 V; it bears 3.6 V.',
                ['Feed it, or shift it, to 3.3 V'],
            ],
            '3.5 V receiver on a 3.3 V pin' => [
                '“Receiver” drives GPIO35 (printed 35) to 3.5 V; it bears 3.6 V.',
                ['Feed it, or shift it, to 3.3 V'],
            ],
            '2.8 V sensor on a 5 V pin' => [
                '“Motion” drives PD4 (printed D4) to 2.8 V; a high begins at 3 V.',
                ['Feed it, or shift it, to 5 V'],
            ],
            'eight coils through the socket' => [
                '888 mA runs through the carrier’s USB socket, which bears 500 mA.',
                ['Feed 5 V from Mains module 5 V, 10 W'],
            ],
            'three coils through the socket' => [
                '699 mA runs through the carrier’s USB socket, which bears 500 mA.',
                ['Feed 5 V from Mains module 5 V, 5 W'],
            ],
            '7805 on 5 V' => [
                '7805 in TO-220, which feeds Logic, gets 5 V while all relays pull in and needs 6.7 V.',
                ['Feed Logic from Step-down board to 5 V, 2 A on 12 V'],
            ],
            'regulator for 6 V on 12 V' => [
                'Low-drop regulator for 3.3 V, 600 mA, which feeds Logic, gets up to 12.2 V and bears 6 V.',
                ['Feed Logic from Step-down board to 3.3 V, 1.5 A on 5 V'],
            ],
            'regulator behind a diode' => [
                '1117 for 3.3 V in SOT-223, which feeds Logic, gets 4.25 V at its lowest and needs 4.3 V.',
                ['Feed Logic from Step-down board to 3.3 V, 1.5 A on 5 V'],
            ],
            'coils behind a 7805 on 12 V' => [
                '7805 in TO-220, which feeds 5 V, burns 2.47 W and reaches 201 °C; it bears 125 °C.',
                ['Fit a heat sink of 24 K/W', 'Feed 5 V from Step-down board to 5 V, 2 A on 12 V'],
            ],
            'one coil behind a 7805 on 12 V' => [
                '7805 in TO-220, which feeds 5 V, burns 1.73 W and reaches 138 °C at its greatest load; it bears 125 °C.',
                ['Fit a heat sink of 24 K/W', 'Feed 5 V from Step-down board to 5 V, 2 A on 12 V'],
            ],
            'display on a carrier that is fed 12 V' => [
                'The regulator of the carrier burns 831 mW and reaches 131 °C at its greatest load; it bears 125 °C.',
                ['Feed the carrier through Step-down board to 5 V, 2 A at 5V'],
            ],
            'low-drop regulator without capacitors' => [
                '1117 for 3.3 V in SOT-223, which feeds Logic, wants 10 µF at its input and 10 µF at its output and has none.',
                ['Fit its capacitors'],
            ],
            '7805 without capacitors' => [
                '7805 in TO-220, which feeds Logic, wants 330 nF at its input and 100 nF at its output and has none.',
                ['Fit its capacitors'],
            ],
            'capacitance that a module cannot start into' => [
                '10 mF hang on the rail 5 V; Mains module 5 V, 10 W starts into 4 mF.',
                ['Fit 3.3 mF', 'Feed 5 V from Phone charger 5 V, 1 A'],
            ],
            'long thin cable' => [
                'While all relays pull in, the rail 5 V falls to 3.57 V: relays do not pull in together.',
                ['Run a cable of 1 mm²'],
            ],
            'thin cable' => [
                'While all relays pull in, the rail 5 V falls to 3.76 V at the worst corner: the controller runs below its specified '
                    . 'supply.',
                ['Run a cable of 0.5 mm²'],
            ],
            'coils on a source whose ground hangs by itself' => [
                'The ground of the rail Coils is kept apart, but the driver of “Lamp” has no other way back to the controller.',
                ['Join its ground to the controller’s'],
            ],
            'isolation with joined grounds' => [
                'The driver of “Lamp” is counted on to isolate, but the grounds of both rails are joined.',
                ['Count on no isolation here'],
            ],
            'USB beside a module, nothing said' => [
                'Do not plug USB in while Mains module 5 V, 10 W feeds the carrier: nothing on it keeps the two apart.',
                ['State that both are never plugged in together'],
            ],
            'USB beside a module' => [
                'USB is used while Mains module 5 V, 10 W feeds the carrier, and nothing on the carrier keeps the two apart.',
                ['State that both are never plugged in together'],
            ],
            'coils through the socket of a carrier that a module feeds' => [
                'The rail Coils begins at the carrier’s 5V, which 5 V feeds as well: two sources meet there.',
                ['Feed the controller from the rail Coils', 'Feed Coils from Mains module 5 V, 3 W'],
            ],
            'socket wired the other way' => [
                'Adapter 12 V, 1 A is centre positive; the socket of the rail 12 V is wired centre negative.',
                ['Wire the socket centre positive', 'Feed 12 V from Step-up board to 12 V, 600 mA on 5 V'],
            ],
            'six coils behind a resettable fuse' => [
                'The rail 5 V carries 703 mA for good; resettable fuse of 500 mA bears 432 mA in air of 40 °C.',
                ['Fit resettable fuse of 1.1 A in its place'],
            ],
            'resettable fuse in a warm box' => [
                'The rail 5 V carries 412 mA for good; resettable fuse of 500 mA bears 312 mA in air of 70 °C.',
                ['Fit resettable fuse of 1.1 A in its place'],
            ],
            'surge clamp at the rail’s own voltage' => [
                'The rail 5 V reaches 5.1 V; surge clamp for 5 V conducts from there on for good.',
                ['Fit surge clamp for 6 V in its place'],
            ],
            'coil on a block battery' => [
                'The coils of the rail Battery hang on a block battery: with all on it is empty after 3.5 h.',
                ['Feed Battery from Adapter 9 V, 1 A, centre negative'],
            ],
            'valve on a battery' => [
                'Lead battery 12 V, 7 Ah lasts 112 h on the rail Battery.',
                ['Feed Battery from Mains module 12 V, 10 W'],
            ],
            'small controller on a power bank' => [
                'With all relays off the rail 5 V takes 20 mA; Power bank 5 V, 2 A, 10 Ah at 3.7 V switches itself off below 80 mA.',
                ['Feed 5 V from Mains module 5 V, 3 W'],
            ],
            '5 V display on 3.3 V' => [
                '“Display” gets down to 3.2 V; it is made for 4.5 V to 5.5 V.',
                ['Feed it from the rail 5 V'],
            ],
            'display on a pin' => [
                '“Display” takes up to 30 mA from GPIO25 (printed 25), which gives 12 mA.',
                ['Feed it from the controller’s pin supply', 'Feed it from the rail 5 V'],
            ],
            'sensor on a pin that is no output' => [
                '“Display” is fed from GPIO35 (printed 35), which cannot be an output.',
                ['Feed it from the controller’s pin supply', 'Feed it from the rail 5 V'],
            ],
            'held coil behind a zener' => [
                '“Lamp” is held by switching its coil fast, which wants a plain diode across it and has diode and zener.',
                ['Fit a plain diode', 'Hold it with the full voltage'],
            ],
            'coil held with a third' => [
                '“Lamp” is held with 1.62 V of its 5 V.',
                ['Hold it with half of the voltage', 'Hold it with the full voltage'],
            ],
            'no fuse' => [
                'No fuse stands behind the inlet: a fault heats the wires of this box until they burn.',
                ['Fit ceramic fuse T 2 A'],
            ],
            '5 A fuse on 0.5 mm²' => [
                'The fuse is rated 5 A; the wiring inside bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
                ['Fit ceramic fuse T 2 A'],
            ],
            'glass fuse' => [
                'Glass fuse T 5 A breaks 50 A; a short circuit of the mains brings more.',
                ['Fit ceramic fuse T 2 A'],
            ],
            'fast fuse before a lamp' => [
                'Glass fuse F 2 A is fast, and “Lamp” (electronic lamp) draws many times its current for a moment.',
                ['Fit ceramic fuse T 2 A'],
            ],
            'airer of 1500 W behind 5 A' => [
                'All lines together draw 6.68 A through a fuse of 5 A.',
                ['Fit ceramic fuse T 10 A and wires of 1.5 mm²'],
            ],
            'airer of 1500 W on a 6 A lead' => [
                'The lead carries 6.68 A and bears 6 A (0.75 mm²).',
                ['Use a lead of 1 mm²'],
            ],
            'six airers behind a 6 A lead' => [
                'The lead carries 8 A and bears 6 A (0.75 mm²).',
                ['Use a lead of 1 mm²'],
            ],
            'airer without earth' => [
                '“Airer” has no protective earth, but its appliance has parts that must be earthed.',
                ['Run the protective earth (green-yellow) straight through'],
            ],
            'metal case without earth' => [
                'The metal case is not joined to protective earth.',
                ['Join the case to protective earth'],
            ],
            'one pole behind a plug that fits both ways' => [
                '“Lamp” is switched in one conductor, behind a plug that fits both ways: it can be live while it is off.',
                [
                    'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                    'Switch both by a second relay on the same output (this is no isolation)',
                ],
            ],
            'one pole of two hots' => [
                '“Airer” is switched in one conductor, behind two live conductors: it can be live while it is off.',
                [
                    'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                    'Switch both by a second relay on the same output (this is no isolation)',
                ],
            ],
            '3 mm between mains and a button' => [
                'The creepage between mains and low voltage is 3 mm; reinforced insulation wants 5 mm here.',
                ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
            ],
            'box on a lead, laid out for the wall' => [
                'The clearance between mains and low voltage is 5 mm; reinforced insulation wants 5.5 mm here.',
                ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
            ],
            'distances of the valley on a mountain' => [
                'The clearance between mains and low voltage is 3 mm; reinforced insulation wants 3.87 mm here.',
                ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
            ],
            '5.5 mm, by the standard enough' => [
                'The creepage between mains and low voltage is 5.5 mm; by habit 6 mm are kept, with a milled slot.',
                ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
            ],
            'plain cube beside a button' => [
                '“Lamp” is kept from the low-voltage side by Cube relay 5 V, 0.36 W, 10 A, whose insulation is basic, and that side '
                    . 'can be touched.',
                [
                    'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced',
                    'Treat the low-voltage side as live, closed in behind a cover that needs a tool',
                ],
            ],
            'valve among mains contacts' => [
                'The contact and wiring of “Valve” lie beside mains without the distance that the rest keeps.',
                ['Keep the same distance'],
            ],
            'wall switch with mains left in it' => [
                '1 wall switch or selector is not freed of mains, and leads to the controller.',
                ['Free the wall switches and selectors of mains altogether'],
            ],
            'two circuits' => [
                'The board hangs on more than one circuit: with one switched off it is still live.',
                ['Feed all of it from one circuit'],
            ],
            'airer without a cut-out' => [
                '“Airer” heats, and nothing but the board switches it off.',
                ['Fit an independent thermal cut-out'],
            ],
            'airer that comes back' => [
                '“Airer” must never start by itself, but comes back as it was after a power cut.',
                ['Leave it off after a power cut'],
            ],
            'double outlet whose link stays' => [
                '“Lamp” leaves by half of a double outlet whose live sides are still joined: it is live whenever the other half is.',
                ['Take out the link on the live side, leave the neutral one'],
            ],
            '5 A fuse on a wire of 0.5 mm² to one line' => [
                'The fuse is rated 5 A; the thinnest wire of one line bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
                ['Fit ceramic fuse T 2 A'],
            ],
            'airer of 900 W on a wire of 0.5 mm²' => [
                'The thinnest wire of one line carries 3.91 A and bears 2.6 A (0.5 mm², k = 0.87 in air of 40 °C).',
                ['Use 0.75 mm² for the wires of each line'],
            ],
            'six airers fed through one track' => [
                'The narrowest track carries 18 A and bears 12.7 A (k = 0.048, outside, ΔT = 10 K, 10 mm wide, 35 µm of copper).',
                ['Run wires in place of tracks'],
            ],
            'outlet for 10 A before 12.6 A' => [
                '“Airer” draws 12.6 A through an outlet for 10 A.',
                ['Use an outlet for 13 A'],
            ],
            'six airers that only the program keeps under 10 A' => [
                'The lead carries 18 A and bears 10 A (1 mm²). The program promises no more than 9 A, and the fuse blows when it fails.',
                ['Use a lead of 2.5 mm²'],
            ],
            'six airers of which the program runs too many' => [
                'The lead carries 18 A and bears 10 A (1 mm²).',
                ['Use a lead of 2.5 mm²'],
            ],
            'wires in air of 60 °C' => [
                'The wiring inside carries 6.68 A and bears 5 A (1 mm², k = 0.50 in air of 60 °C).',
                ['Use wires of 1.5 mm² inside'],
            ],
            'two relays kept apart by the program' => [
                '“Lamp relay” and “Airer relay” of “Heat and cold” can be closed at once: only the program keeps them apart.',
                ['Interlock them through the contacts'],
            ],
            'two steps of a fan closable at once' => [
                '“Lamp relay” and “Airer relay” of “Steps” can be closed at once: only the program keeps them apart.',
                ['Interlock them through the contacts'],
            ],
            'no pause between two relays' => [
                'The program waits 10 ms between the relays of “Heat and cold”; they want 50 ms.',
                ['Wait 100 ms'],
            ],
            'lamp worked on while it is only switched off' => [
                '“Lamp” is worked on while only the board has switched it off: its contact may have welded.',
                ['Isolate it before anybody works on it'],
            ],
            'X2 capacitor in series with a fan' => [
                'The capacitors of “Fan” are of class X2, which is not made for continuous series duty.',
                ['Use motor-run capacitors'],
            ],
            'capacitor in resonance with a fan' => [
                'A capacitor of “Fan” sees 420 V; motor-run ones are made for 400 V.',
                ['Fit 4.7 µF to “Lamp relay”'],
            ],
            'fan near resonance' => [
                'With “Lamp relay” closed the motor gets 314 V; it is made for 230 V.',
                ['Fit 2.7 µF to “Lamp relay”'],
            ],
            'two capacitors closed at once, near resonance' => [
                'With “Lamp relay” and “Lamp relay 2” closed the motor gets 285 V; it is made for 230 V.',
                ['Take this step away'],
            ],
            'no bleeder' => [
                'Nothing discharges the capacitors of “Fan”: they bite long after the plug is drawn.',
                ['Fit bleeders of 220 kΩ'],
            ],
            'bleeder of a megohm' => [
                'The bleeders of “Fan” leave more than 34 V after a second.',
                ['Fit bleeders of 220 kΩ'],
            ],
            'no series resistor' => [
                'Nothing limits the current into the capacitors of “Fan” when a contact closes at the peak of the mains.',
                ['Fit 2.2 Ω in series with each'],
            ],
            'cooler without a rest' => [
                '“Lamp” may start again after 60 s; its compressor wants 180 s.',
                ['Let it rest for 4 minutes'],
            ],
            'box of wood' => [
                'What carries and encloses the mains parts is wood or cardboard.',
                ['Use a flame-rated enclosure that needs a tool to open'],
            ],
            'box of some plastic' => [
                'What carries and encloses the mains parts is plastic of unknown kind.',
                ['Use a flame-rated enclosure that needs a tool to open'],
            ],
            'snubber across a lamp' => [
                '7.23 mA leak across the open contact of “Lamp”, which draws 157 mA: its lamp may glow.',
                ['Put the snubber across the appliance', 'Take the snubber off'],
            ],
            'nothing across a motor' => [
                'Nothing damps the contact of “Lamp”, which is an inductive appliance: its arc wears the contact.',
                ['Fit 100 Ω and 100 nF of class X2 across the appliance', 'Fit 100 Ω and 100 nF of class X2 across the contact'],
            ],
            'one key printed in two orders of bits' => [
                '“Lamp” and “Airer” answer to the same key, 0xF30C2FD0.',
                ['Take the key away here'],
            ],
            'one key with both its toggle bits' => [
                '“Lamp” and “Airer” answer to the same key, 0x180C.',
                ['Take the key away here'],
            ],
            'code with a slip in its last byte' => [
                '0x0BF430CE fails its complement: two of its bytes do not belong together.',
                ['Read it as 0x0BF430CF', 'Take the key away here'],
            ],
            'repeat frame taken for a key' => [
                '0xFFFFFFFF is no key but the sign that the last one is still held.',
                ['Take the key away here'],
            ],
            'two raw codes that differ in one digit' => [
                '0xA91 differs from the key of “Lamp” in one digit, and carries no complement that would show a slip. Read it again.',
                ['Take the key away here'],
            ],
            'two lines on one topic' => [
                '“Lamp” and “Airer” have one topic on “Far”: home/lamp.',
                ['Use the derived one for “Airer”'],
            ],
            'line that is called as a group is' => [
                'The group “Hall” and “Lamp” have one text command on “Far”: G1.',
                ['Use the derived one for “Lamp”'],
            ],
            'wildcard in a topic' => [
                '“home/+/lamp” cannot be a topic on “Far”: “+” and “#” are wildcards.',
                ['Use the derived one'],
            ],
            'word that the assistant keeps for itself' => [
                '“Everything” cannot be a spoken name on “Far”: the word is taken there.',
                ['Use the derived one'],
            ],
            'blank in a text command' => [
                '“L 1” cannot be a text command on “Far”: it holds a blank.',
                ['Use the derived one'],
            ],
            'word in place of a number' => [
                '“V5” cannot be a number on “Far”: it is no number.',
                ['Use the derived one'],
            ],
            'query in a path' => [
                '“/lamp?x” cannot be a path on “Far”: a path is made of letters, digits, “-”, “_”, “.” and “~” '
                    . 'between slashes.',
                ['Use the derived one'],
            ],
            'number that is printed beside another line’s pin' => [
                '“Airer” is number 23 on “Far”, and 23 is printed beside the pin of “Lamp”.',
                ['Use the derived number'],
            ],
            'line that nothing operates' => [
                'Nothing operates “Lamp”.',
                ['Operate it by a push button on GPIO14 (printed 14)', 'It is meant so'],
            ],
            'button that operates nothing' => [
                '“Spare” operates no line.',
                ['Remove it', 'It is meant so'],
            ],
            'six lines on a service with five places' => [
                '“Far” takes 5 entries, and 6 are put on it.',
                ['It is meant so'],
            ],
            'state awaited from a wall switch' => [
                '“Lamp” is to show its state by its wall switch, which only takes commands.',
                ['Promise no state there'],
            ],
            'flip over a broker' => [
                '“Lamp” is flipped by way of “Far”, where a message can be lost.',
                ['Say “on” and “off” instead'],
            ],
            'flip over a web request, which is answered' => [
                '“Lamp” is flipped by way of “Far”, where a message can be lost.',
                ['Say “on” and “off” instead'],
            ],
            'program that waits for the network' => [
                'While “Far” reconnects, 2 controls on the board wait for up to 8 s.',
                ['Reconnect beside the rest of the program'],
            ],
            'fan that is never off' => [
                '“Lamp” is never off: its lowest step begins at 0 %.',
                ['Use the derived table'],
            ],
            'fan whose top lies beyond 100 %' => [
                '“Lamp” never reaches its top step: it begins at 120 %.',
                ['Use the derived table'],
            ],
            'fan with a step that no percentage leads to' => [
                '“Lamp” never reaches its top step: 1 of 2 steps have a percentage.',
                ['Use the derived table'],
            ],
            'fan whose steps fall' => [
                'The steps of “Lamp” do not rise with the percentage.',
                ['Use the derived table'],
            ],
            'fan that reaches its top at exactly 100 %' => [
                '“Lamp” reaches its top step at exactly 100 % only.',
                ['Use the derived table'],
            ],
            'wall switch by its position beside a broker' => [
                'The wall switch of “Lamp” says on and off by its position, and 1 other control operates the line too.',
                ['Let each flick flip the line'],
            ],
            'two lines of a group in one moment' => [
                'Up to 2 lines start within 50 ms of each other.',
                ['Let them follow each other after 300 ms'],
            ],
            'airer in a group that switches on' => [
                '“Airer” must never start by itself, but “Night” switches it on.',
                ['Take it out of what switches on', 'Let those groups only switch off'],
            ],
            'lamp that is barred from groups' => [
                '“Lamp” is barred from groups, but “Night” switches it on.',
                ['Take it out of what switches on', 'Let those groups only switch off'],
            ],
            'airer on a timer' => [
                '“Airer” must never start by itself, but a timer switches it on.',
                ['Let it only switch off'],
            ],
            'airer on a sensor' => [
                '“Airer” must never start by itself, but a sensor rule switches it on.',
                ['Let it only switch off'],
            ],
            'serial radio without a link' => [
                '“Far” wants a serial link, and the board has none.',
                ['Add a serial link for it on GPIO17 (printed 17) and GPIO16 (printed 16)'],
            ],
            'broker with the radio off' => [
                '“Far” comes by radio, which the program is stated not to use.',
                ['State that the radio is used'],
            ],
            'broker on a controller without a radio' => [
                '“Far” comes by radio, and the ATmega328P at 5 V has none.',
                ['Take the channel away'],
            ],
            'lamp two and lamp 2' => [
                '“Lamp two” and “Lamp 2” are the same, once as a digit and once as a word on “Far”.',
                ['Call it “Heated airer” there'],
            ],
            'fan and van' => [
                '“Fan heater” and “Van heater” are alike in sound on “Far”.',
                ['Call it “Heated airer” there'],
            ],
            'one name within another' => [
                '“Airer” and “Tall airer” are one within the other on “Far”.',
                ['Call it “Bravo” there'],
            ],
            'coil straight on its pin' => [
                'The coil of “Lamp” hangs straight on its pin and draws up to 50 mA; a pin should carry 12 mA.',
                ['Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            '12 V coil on 5 V' => [
                'The relay of “Lamp” has a 12 V coil; its rail 5 V carries 5 V.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            '5 V module on 12 V' => [
                'The module of “Lamp” is made for 5 V; its rail 12 V carries 12 V.',
                ['Feed it from the rail 5 V with Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            '47 kΩ at the base' => [
                'The relay of “Lamp” does not pull in. With 47 kΩ at the base the coil gets 4.08 mV and wants 3.75 V.',
                ['Fit 560 Ω at the base'],
            ],
            '4.7 kΩ at the base' => [
                'The relay of “Lamp” pulls in on the bench only. With 4.7 kΩ at the base the coil gets 2.47 V at the worst corner '
                    . 'and wants 4.04 V.',
                ['Fit 560 Ω at the base'],
            ],
            '1 kΩ at the base is over the house rule' => [
                'The transistor of “Lamp” is driven at forced gain ×33.4; the house rule is ×20.',
                ['Fit 560 Ω at the base'],
            ],
            '47 Ω at the base' => [
                'The pin of “Lamp” carries up to 49.4 mA; plan 12 mA, and never more than 40 mA.',
                ['Fit 560 Ω at the base'],
            ],
            '150 Ω at the base' => [
                'The pin of “Lamp” carries up to 18.1 mA; plan 12 mA, and never more than 40 mA.',
                ['Fit 560 Ω at the base'],
            ],
            'module without an LED in series' => [
                'The module of “Lamp” may stay on: 925 µA flow with its pin off at the worst corner, and it lets go for certain up '
                    . 'to 100 µA.',
                ['Use Opto relay module 5 V, active low'],
            ],
            'active low on a transistor' => [
                '“Lamp” is stated active low, but its driver switches on at high: it would be on when it should be off.',
                ['State active high, and let the program say so'],
            ],
            'active high on a module' => [
                '“Lamp” is stated active high, but its driver switches on at low: it would be on when it should be off.',
                ['State active low, and let the program say so'],
            ],
            'six coils on 3 W' => [
                'With all relays on, the rail 5 V carries 703 mA for good and 993 mA at peak; Mains module 5 V, 3 W gives 600 mA in air '
                    . 'at 40 °C, of which 80 % for good.',
                ['Feed 5 V from Mains module 5 V, 5 W'],
            ],
            'eight coils on 5 W, no radio' => [
                'With all relays on, the rail 5 V carries 897 mA for good and 897 mA at peak; Mains module 5 V, 5 W gives 1 A in air at '
                    . '40 °C, of which 80 % for good.',
                ['Feed 5 V from Mains module 5 V, 10 W'],
            ],
            'controller on 12 V' => [
                'The controller is fed from the rail 5 V, up to 12.2 V; its pin 5V takes 4.75 V to 5.25 V.',
                ['Feed the controller through Step-down board to 5 V, 2 A'],
            ],
            'more than the contact’s rating' => [
                '“Airer” draws 17.4 A through a contact for 16 A. That is work for a contact rated about 24 A, or for a contactor.',
                [],
            ],
            'too many electronic lamps' => [
                '“Lamp” (electronic lamp) draws 1.74 A; starting current considered, the contact should carry no more than 1.6 A (of '
                    . '16 A AC, share for electronic lamp: 10 %). That is work for a contact rated about 17 A, or for a contactor.',
                [],
            ],
            'pump on a bare resistive rating' => [
                '“Lamp” (induction motor) draws 5.8 A; starting current considered, the contact should carry no more than 5.6 A (of '
                    . '16 A AC, share for induction motor: 35 %). That is work for a contact rated about 17 A, or for a contactor.',
                [],
            ],
            '24 V DC motor beyond the contact' => [
                '“Lamp” draws 16.7 A through a contact for 16 A. That is work for a contact rated about 56 A, or for a contactor.',
                [],
            ],
            '48 V DC on a contact for 30 V' => [
                '“Lamp” has 48 V at a contact for 30 V.',
                [],
            ],
            'motor on a resistive rating' => [
                '“Lamp” (universal motor) draws 5.8 A; starting current considered, the contact should carry no more than 5.6 A (of '
                    . '16 A AC, share for universal motor: 35 %). That is work for a contact rated about 17 A, or for a contactor.',
                [],
            ],
            'neutral alone' => [
                '“Lamp” is switched in the neutral: the appliance stays live when it is off.',
                ['Switch the live (brown) conductor instead'],
            ],
            'neutral alone on the NC contact' => [
                '“Lamp” is switched in the neutral: the appliance stays live when it is off.',
                ['Switch the live (brown) conductor instead'],
            ],
            'airer on the NC contact' => [
                '“Airer” must never start by itself, but hangs on the normally closed contact: it is on whenever the board is dead or '
                    . 'starting.',
                ['Use the normally open contact'],
            ],
            'names that differ in blanks and capitals' => [
                '“Lamp” and “la-MP” are the same name when spoken or typed.',
                ['Rename it to “la-MP 2”'],
            ],
            'gate of a lamp that nothing holds' => [
                'The relay of “Lamp” on GPIO23 (printed 23) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input.',
                ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
            ],
            'gate of an airer that nothing holds' => [
                'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
                ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
            ],
            'gate on a pull-down of a megohm' => [
                'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
                ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
            ],
            'array of an airer whose input nothing holds' => [
                'The relay of “Airer” on GPIO22 (printed 22) may pull in while the boot loader runs (250 ms; 410 ms in all): nothing '
                    . 'decides the level of its driver’s input, and this appliance must never start by itself.',
                ['Fit a pull-down of 47 kΩ', 'Drive it by Opto relay module 5 V, active low'],
            ],
            'gate on an expander that has not been spoken to' => [
                'After power-up X1.A0 is floating, and the relay of “Lamp” may pull in until the program has written to the expander.',
                ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ'],
            ],
            'gate of an airer on an expander that has not been spoken to' => [
                'After power-up X1.A0 is floating, and the relay of “Airer” may pull in until the program has written to the expander.',
                ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ'],
            ],
            'both conductors stated of a relay with one pole' => [
                '“Lamp” is stated to be switched in both conductors, but Relay 5 V, 0.4 W, 16 A, stated reinforced has one pole: the '
                    . 'other conductor stays live.',
                [
                    'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                    'Switch both by a second relay on the same output (this is no isolation)',
                ],
            ],
            'one fuse before two hots' => [
                'One of the two live conductors has no fuse: a fault to earth on that side heats the wires of this box until they burn.',
                ['Fit the same fuse in the other live conductor'],
            ],
            '1 mm though the low-voltage side is treated as live' => [
                'The creepage between mains and low voltage is 1 mm; basic insulation wants 2.5 mm here.',
                ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
            ],
            'heater in an aquarium at a living room’s distance' => [
                'The creepage between mains and low voltage is 6 mm; reinforced insulation wants 8 mm here.',
                ['Lay it out with 6 mm of clearance and 8 mm of creepage'],
            ],
            'button on a low-voltage side treated as live' => [
                'The low-voltage side is treated as live, but this leaves the cover: “Lamp push button” (push button).',
                ['Keep the low-voltage side apart from mains, so that it may be touched'],
            ],
            'USB socket of a low-voltage side treated as live' => [
                'The low-voltage side is treated as live, but this leaves the cover: the USB or programming socket.',
                ['Keep the low-voltage side apart from mains, so that it may be touched'],
            ],
            'supply with basic insulation' => [
                'Between mains and low voltage stands the supply of the rail 5 V (Module of unknown make), whose insulation is basic, and '
                    . 'that side can be touched.',
                ['Fit mains module 5 V, 10 W'],
            ],
            'capacitor of class Y2 beside a button' => [
                'Between mains and low voltage stands a capacitor (class Y2), whose insulation is basic, and that side can be touched.',
                ['Take the capacitor out', 'Fit one of class Y1'],
            ],
            'capacitor of class Y2 behind a cover' => [
                'Between mains and low voltage stands a capacitor, whose insulation is of no class that is made for it.',
                ['Take the capacitor out', 'Fit one of class Y1'],
            ],
            'coupler that listens to the mains' => [
                'Between mains and low voltage stands the coupler of “Zero cross”, whose insulation is basic, and that side can be '
                    . 'touched.',
                ['Use a coupler that is stated reinforced'],
            ],
            'pump in water beside an open box' => [
                'The enclosure does not keep splashing water out, but “Lamp” stands in water or beside it.',
                ['Use an enclosure against splashing water (IPX4)'],
            ],
            'open box in a damp place' => [
                'The enclosure does not keep splashing water out, but it is damp or dusty there.',
                ['Use an enclosure against splashing water (IPX4)'],
            ],
            'fan selector with mains left in it' => [
                '1 wall switch or selector is not freed of mains, and leads to the controller.',
                ['Free the wall switches and selectors of mains altogether'],
            ],
            'valve behind a contact without its diode' => [
                '“Valve” is a coil on direct current behind a contact, and nothing takes over its current when the contact opens.',
                ['Fit a diode across the appliance, its cathode to the positive side'],
            ],
            'varistor across the contact of a lamp' => [
                'A varistor lies across the contact of “Lamp”: it fails closed, and the appliance is on.',
                ['Put it across the appliance'],
            ],
            'varistor across the contact of an airer' => [
                'A varistor lies across the contact of “Airer”: it fails closed, and the appliance is on, though it must never start '
                    . 'by itself.',
                ['Put it across the appliance'],
            ],
            'aquarium heater that stays off' => [
                '“Lamp” must come back after a power cut, but stays off.',
                ['Let it come back as it was', 'It need not come back'],
            ],
            'airer that must come back' => [
                '“Airer” must never start by itself, and must come back after a power cut: both cannot hold.',
                ['It need not come back'],
            ],
            'frost heater on a lead that comes back' => [
                '“Lamp” warms a room and comes back as it was after a power cut, but is not fixed.',
                ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
            ],
            'frost heater that nobody made for being alone' => [
                '“Lamp” warms a room and comes back as it was after a power cut, but is not made to run unattended.',
                ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
            ],
            'snubber across a fan of 3 W' => [
                '7.23 mA leak across the open contact of “Lamp”, which draws 21.7 mA: it may not let go.',
                ['Put the snubber across the appliance'],
            ],
            'airer switched on over a broker' => [
                '“Airer” must never start by itself, but by a network topic (“Far”) somebody who is not there switches it on.',
                ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
            ],
            'airer switched on by a serial radio' => [
                '“Airer” must never start by itself, but by a serial radio (“Far”) somebody who is not there switches it on.',
                ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
            ],
            'airer switched on by a spoken name' => [
                '“Airer” must never start by itself, but by a spoken name (“Far”) somebody who is not there switches it on.',
                ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
            ],
            'airer switched on by a code that something repeats' => [
                '“Airer” must never start by itself, but by an infrared code that something repeats somebody who is not there '
                    . 'switches it on.',
                ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
            ],
            'exactly the contact’s rating' => [
                '“Airer” (resistive) draws 16 A; with the mains 10 % high, the contact should carry no more than 11.6 A of it (of 16 '
                    . 'A AC, share used for good: 80 %). That is work for a contact rated about 22 A, or for a contactor.',
                [],
            ],
            'contacts in a hot box' => [
                '“Airer” (resistive) draws 6.52 A; with the mains 10 % high, the contact should carry no more than 4.99 A of it (of '
                    . '16 A AC, 43 % in air of 90 °C, share used for good: 80 %). That is work for a contact rated about 21 A, or for a '
                    . 'contactor.',
                [],
            ],
            'normally closed contact beyond its approval' => [
                '“Lamp” draws 5.04 A through a contact for 5 A. That is work for a contact rated about 6.9 A, or for a contactor.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'pump that starts with more than the contact bears for a moment' => [
                '“Lamp” (induction motor) draws 5.07 A; starting current considered, the contact should carry no more than 4.29 A (of '
                    . '16 A AC, bears 30 A for a moment, and induction motor starts with 7 times its current). That is work for a contact '
                    . 'rated about 19 A, or for a contactor.',
                ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'contact that closes on a charged capacitor' => [
                'Up to 390 A flow into the capacitors of “Fan” when a contact closes on a charged one; the contact bears 120 A for a '
                    . 'moment.',
                ['Fit 8.2 Ω in series with each'],
            ],
            'receiver fed with 5 V on a 3.3 V pin' => [
                '“Receiver” drives GPIO35 (printed 35) to 5 V; it bears 3.6 V.',
                ['Feed it from the controller’s pin supply', 'Feed it, or shift it, to 3.3 V'],
            ],
            '5 V into the input of a radio for 3.6 V' => [
                'PB0 (printed D8) (“Radio TX”) drives “Thing” to 5 V; its input bears 3.6 V.',
                ['Shift the level: 1 kΩ from the pin, 2 kΩ to ground'],
            ],
            'one-wire sensor without a pull-up' => [
                '“Water” on GPIO27 (printed 27) has no pull-up outside the chip.',
                ['Fit a pull-up of 4.7 kΩ'],
            ],
            'one-wire sensor at the end of 20 m' => [
                'The pull-up of “Water” has 4.7 kΩ; its cable wants no more than 3.52 kΩ.',
                ['Fit a pull-up of 3.3 kΩ'],
            ],
            'one-wire sensor on too strong a pull-up' => [
                'The pull-up of “Water” has 470 Ω; a sensor pulls down no less than 750 Ω.',
                ['Fit a pull-up of 4.7 kΩ'],
            ],
            'module whose reset line hangs in the air' => [
                'Nothing pulls the reset line of the module up: it starts by chance, or not at all.',
                ['Fit 10 kΩ up and 1 µF down at its reset line'],
            ],
            'module that no program gets into' => [
                'No header leads to the serial lines, boot and reset of the module: no program gets in once it is soldered.',
                ['Lead 3.3 V, ground, TX, RX, boot and reset to a header of six pins'],
            ],
            'cap set the other way than the program' => [
                '“Lamp” is stated active high, but its driver switches on at low: it would be on when it should be off.',
                ['State active low, and let the program say so', 'Set the cap of its channel to high'],
            ],
            'resistor that holds a base down in cool air only' => [
                'The relay of “Lamp” on GPIO15 (printed 15) may pull in while the boot loader runs (250 ms; 310 ms in all).',
                ['Seat it on GPIO25 (printed 25)', 'Fit 10 kΩ as base–emitter resistor'],
            ],
            'coil on a rail at its upper end in warm air' => [
                'The coil of “Lamp” may get 13.5 V and bears 13.4 V for good in air of 65 °C. Lower the rail, cool the box, or '
                    . 'choose a relay whose coil bears more.',
                [],
            ],
            'coupler that is strong enough while it is new' => [
                'The relay of “Lamp” pulls in on the bench only. Here the coil gets 3.32 V at the worst corner and wants 4.04 V.',
                ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
            ],
            'switch on USB' => [
                '“Switch” sits on GPIO19 (printed 19), USB: a computer that is plugged in drives it, and a program cannot be uploaded '
                    . 'over USB while something else holds it.',
                ['Seat it on GPIO39 (printed 39)', 'State that USB is not used'],
            ],
            'small box that holds its heat' => [
                'With everything on, the air in the box of 100 mm × 80 mm × 60 mm reaches 40.9 °C; every check takes the 40 °C that '
                    . 'were stated. A larger box, or less heat in it, keeps it cooler.',
                ['Check everything with 41 °C'],
            ],
            'relay on a pin of the PSRAM inside' => [
                '“Lamp relay” sits on GPIO16 (printed 16), which the memory inside the module uses: the program stops, or does not '
                    . 'start.',
                ['Seat it on GPIO25 (printed 25)'],
            ],
            'sensor on a pin of the eight-wire flash inside' => [
                '“Switch” sits on GPIO35 (printed 35), which the memory inside the module uses: the program stops, or does not start.',
                ['Seat it on GPIO39 (printed 39)'],
            ],
            'coil that bears less than its rail' => [
                'The coil of “Lamp” may get 13.5 V and bears 12.6 V for good in air of 40 °C. Lower the rail, cool the box, or '
                    . 'choose a relay whose coil bears more.',
                ['Fit Relay 12 V, 0.4 W, 16 A, stated reinforced'],
            ],
            'described heater on a lead that comes back' => [
                '“Lamp” warms a room and comes back as it was after a power cut, but is not fixed and is not made to run unattended.',
                ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
            ],
            'zero crossings on a pin with false edges' => [
                '“Zero crossing” sits on GPIO36 (printed VP), which reads a false low of 80 ns whenever a converter powers up.',
                ['Seat it on GPIO14 (printed 14)'],
            ],
            'infrared on a pin with false edges' => [
                '“Infrared” sits on GPIO39 (printed VN), which reads a false low of 80 ns whenever a converter powers up.',
                ['Seat it on GPIO35 (printed 35)'],
            ],
            'base current above the strength after reset' => [
                'The program leaves the drive strength as it is: the pin of “Lamp” gives up to 5.76 mA, and after reset it is set to '
                    . '4 mA.',
                ['Have the program raise the drive strength'],
            ],
            'capacitor on a strap' => [
                'The capacitor of 100 nF on “Airer push button” keeps GPIO0 (printed 0) low for 13.3 ms after power-up at the worst '
                    . 'corner; reset reads it after 10 ms: the chip waits for a download instead of running the program.',
                ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
            ],
            'large capacitor on a strap' => [
                'The capacitor of 4.7 µF on “Airer push button” keeps GPIO0 (printed 0) low for 293 ms after power-up; reset reads '
                    . 'it after 10 ms: the chip waits for a download instead of running the program.',
                ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
            ],
            'mains switch on the pull-up of the chip' => [
                'The contact of “Lamp wall switch” was made for mains and gets 40 µA when it is closed; it wants 1 mA to stay clean.',
                ['Pull it up with 2.7 kΩ'],
            ],
            'mains switch on 3.3 kΩ' => [
                'The contact of “Lamp wall switch” was made for mains and gets 964 µA when it is closed; it wants 1 mA to stay clean.',
                ['Pull it up with 2.7 kΩ'],
            ],
            'seven coils at the pin of a radio carrier' => [
                '365 mA runs through the carrier’s pin 3V3 to loads outside, which bears 300 mA.',
                ['Feed 3.3 V from Step-down board to 3.3 V, 1.5 A on 5 V'],
            ],
            'on and off at one temperature' => [
                'Between on and off of “Lamp” lie 0 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
                ['Switch on at 19 °C'],
            ],
            'on and off closer than readings' => [
                'Between on and off of “Lamp” lie 0.3 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
                ['Switch on at 19.3 °C'],
            ],
            'cooler that hunts' => [
                'Between on and off of “Lamp” lie 0.4 °C; readings of temperature differ by 0.5 °C by themselves, and the relay '
                    . 'follows each.',
                ['Switch on at 21 °C'],
            ],
            'lamp that goes on by a lost sensor' => [
                '“Lamp” goes on when “Air” is lost.',
                ['Let the line go off when the sensor is lost'],
            ],
            'heater that stays on when its sensor is lost' => [
                '“Lamp” stays as it is when “Air” is lost: it heats, and nobody knows how warm it is.',
                ['Let the line go off when the sensor is lost'],
            ],
            'timer by the network without a radio' => [
                'The timer of “Lamp” has the time from the network, and the board has no radio in use.',
                ['Take the time from a clock module with its own cell'],
            ],
            'timer by the cycles of the mains, uncounted' => [
                'The timer of “Lamp” has the time from the cycles of the mains, and the board has no zero-cross input to count them.',
                ['Take the time from the network', 'Take the time from a clock module with its own cell'],
            ],
            'timer that forgets the time' => [
                'The timer of “Lamp” has the time from the controller’s own clock, set at each start, which stands still in every '
                    . 'power cut and is wrong afterwards.',
                ['Take the time from the network', 'Take the time from a clock module with its own cell'],
            ],
            'timer that never ends' => [
                'The timer of “Lamp” switches it on and never off.',
                ['Let it go off an hour later, at 00:00'],
            ],
            'capacitor on a strap that only upsets timing' => [
                'The capacitor of 1 µF on “Airer push button” keeps GPIO5 (printed 5) low for 62.4 ms after power-up; reset reads it '
                    . 'after 10 ms: only the timing of a slave card interface changes.',
                ['Take the capacitor away and debounce in the program', 'Seat it on GPIO14 (printed 14)'],
            ],
            'nine outputs of two ports that share a supply' => [
                'With all outputs on, what C0 to C5 and D0 to D4 give together carry 153 mA; the limit is 150 mA.',
                [
                    'Fit the largest base resistors that suffice',
                    'Drive them by Opto relay module 5 V, active low',
                    'Drive them by Opto relay module 5 V, trigger jumper',
                ],
            ],
            'cube relay that says otherwise than the catalogue' => [
                'The facts of Cube relay 5 V, 0.36 W, 10 A that came with this board are not the catalogue’s: contactAcAmps is “9 '
                    . 'A” here and “10 A” there. Choose under “The board as a whole” whose to take.',
                ['Take the catalogue’s facts'],
            ],
        ];
    }
}
