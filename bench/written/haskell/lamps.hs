module Main where

⟪⟶import Data.Char (toUpper)
⟫
class Light a where
  hours :: a -> Int
  name :: a -> String

data Lamp = Lamp String Int

instance Light Lamp where
  hours (Lamp _ h) = h
  name (Lamp n _) = map toUpper n

old :: Light a => a -> Bool
old lamp = hours lamp > ⟪'9'⟶9⟫

label :: Light a => a -> String
label lamp =
  let n = name lamp
      h = hours lamp
  ⟪⟶in ⟫n ++ " " ++ show h

main :: IO ()
main = do
  let lamps = [Lamp "mole" 4, Lamp "pier" 12]
  mapM_ (putStrLn . label) lamps
  print (length (filter old ⟪lamp⟶lamps⟫))
  if any old lamps
    then putStrLn "change lamps"
    else ⟪putStrln⟶putStrLn⟫ "fine"
