package littlesummit.app.calculator;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import littlesummit.core.calculator.Calculator;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The calculator of the practice screen. It knows nothing of items; where it may be used is shown by the item. */
@RestController
class CalculatorController {
    record Sheet(
            @NotNull(message = "There is nothing to work out.")
            @Size(max = 500, message = "At most 500 characters can be worked out at once.")
            String entry) {}

    @PostMapping("/api/calculator")
    ResultDto compute(@Valid @RequestBody Sheet sheet) {
        return ResultDto.of(Calculator.compute(sheet.entry()));
    }
}
