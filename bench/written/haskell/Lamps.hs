module Main where

class Signal a where
  code :: a -> String
  brightness :: a -> Int
  brightness _ = 1

data Lamp = Red | Green | White

data Buoy = Buoy { number :: Int, lamp :: Lamp }

instance Signal Lamp where
  code Red = "R"
  code Green = "G"
  code White = ⟪'W'⟶"W"⟫

instance Signal Buoy ⟪⟶where⟫
  code b = show (number b) ++ code ⟪lamp b⟶(lamp b)⟫
  brightness b = case lamp b of
    White -> 3
    _ -> ⟪"1"⟶1⟫

chart :: [Buoy] -> String
chart buoys = concat (map code buoys)

instance Show Lamp where
  show ⟪lamp⟶lamp = code lamp⟶= code⟫

brightest :: [Buoy] -> Int
brightest [] = 0
brightest (b:bs) = max (brightness b) ⟪brightest bs⟶(brightest bs)⟫

blink :: Int -> String -> IO ()
blink 0 _ = ⟪return⟶return ()⟫
blink n text = do
  putStrLn text
  blink (n - 1) text

main :: IO ()
main = do
  let buoys = [Buoy 1 Red, Buoy 2 Green⟪, Buoy 3⟶, Buoy 3 White⟶⟫]
  putStrLn (chart buoys)
  print (brightest buoys)
  print (lamp (head buoys))
  blink ⟪⟶2 ⟫"flash"
