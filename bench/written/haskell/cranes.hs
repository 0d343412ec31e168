module Main where

import qualified Data.Map as Map
import Data.Maybe (mapMaybe)

data Crane = Crane
  { name :: String
  , reach :: Double
  , busy :: Bool
  } deriving (Show)

type Yard = Map.Map String Crane

free :: Yard -> [Crane]
free yard = filter (not . ⟪Busy⟶busy⟫) (Map.elems yard)

longest :: [Crane] -> Maybe Crane
longest [] = ⟪nothing⟶Nothing⟫
longest (c:cs) = Just (foldr pick c cs)
  where
    pick a b
      | reach a > reach b = a
      | otherwise ⟪->⟶=⟫ b

book :: String -> Yard -> Yard
book who yard = Map.adjust (\c -> c { busy = True }) ⟪yard who⟶who yard⟫

label :: Crane -> String
label c = name c ++ " (" ++ ⟪reach c⟶show (reach c)⟫ ++ " m)"

main :: IO ()
main = do
  let yard = Map.fromList [("n", Crane "north" 22.5 False), ("s", Crane "south" 18 ⟪false⟶False⟫)]
  let booked = book "n" yard
  mapM_ (putStrLn . label) (free booked)
  case longest (Map.elems yard) of
    Just c -> putStrLn (label c⟪⟶)⟫
    Nothing -> putStrLn "none"
  print (length (mapMaybe (`Map.lookup` yard) ["n", "x"]))
