package main

import "fmt"
import "sort"
⟪⟶import "errors"⟫

const (
	Thin = iota⟪,⟶⟫
	Thick
)

type Rope struct {
	kind   int
	metres float64
	price  float64
}

type Shop struct {
	stock []Rope
	sold  map[string]float64
}

var ErrNone = errors.New("no such rope")

func (s *Shop) add(kind int, metres⟪:⟶⟫ float64, price float64) {
	⟪s.stock.append(Rope{kind, metres, price})⟶s.stock = append(s.stock, Rope{kind, metres, price})⟫
}

func (s *Shop) sell(kind int, metres float64, to string) (float64, error) {
	for i := range s.stock {
		r := &s.stock[i]
		if r.kind == kind && r.metres >= metres {
			r.metres -= metres
			s.sold[to] += ⟪metres x r.price⟶metres * r.price⟫
			return metres * r.price, nil
		}
	}
	return ⟪ErrNone⟶0, ErrNone⟫
}

func (s Shop) value() float64 {
	⟪double sum = 0⟶sum := 0.0⟶var sum float64⟶var sum float64 = 0⟫
	for _, r := range s.stock {
		sum += r.metres * r.price
	}
	return sum
}

func (s Shop) names() []string {
	out := ⟪[]string()⟶[]string{}⟫
	for name := range s.sold {
		out = append(out, name)
	}
	⟪out.sort()⟶sort.Strings(out)⟫
	return out
}

func average(all []float64) float64 {
	sum := 0.0
	for _, v := range all {
		sum += v
	}
	return sum / ⟪len(all)⟶float64(len(all))⟫
}

func main() {
	shop := &Shop{sold: map[string]float64{}}
	shop.add(Thin, 100, 0.5)
	shop.add(Thick, 40⟪⟶, 1.5⟫)
	got, err := shop.sell(Thick, 10, "Ada")
	if err != nil {
		fmt.Println("error:", err)
		return
	}
	fmt.Printf("got %.2f\n", got)
	⟪got, err :=⟶got, err =⟫ shop.sell(Thin, 500, "Bo")
	if err == ErrNone ⟪{}⟶{⟫
		fmt.Println("none left", got)
	}
	for ⟪name in shop.names()⟶_, name := range shop.names()⟫ {
		fmt.Println(name)
	}
	fmt.Println(shop.value(), average([]float64{1, 2, 3}))
}
